import type { SharedProps } from './props';

/** What every page gets beside its own, known to `page.props`. */
declare module '@inertiajs/core' {
    export interface InertiaConfig {
        sharedPageProps: SharedProps;
    }
}
