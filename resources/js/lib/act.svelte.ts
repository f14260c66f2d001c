import { router } from '@inertiajs/svelte';

type Values = Record<string, string | number | boolean | null | string[] | Record<string, string>>;

/** Sends what was done on one row of a page and keeps what the server answered to it there. */
export class Act {
    errors = $state<Record<string, string>>({});
    busy = $state(false);

    send(method: 'post' | 'put' | 'delete', url: string, values: Values = {}, done: () => void = () => {}): void {
        this.busy = true;
        router.visit(url, {
            method,
            data: values,
            preserveScroll: true,
            preserveState: true,
            onError: (errors) => (this.errors = errors),
            onSuccess: () => {
                this.errors = {};
                done();
            },
            onFinish: () => (this.busy = false),
        });
    }

    post(url: string, values: Values = {}, done: () => void = () => {}): void {
        this.send('post', url, values, done);
    }

    /** The first error that stands at none of the given fields. */
    other(...fields: string[]): string | undefined {
        return Object.entries(this.errors).find(([field]) => field !== 'conflict' && !fields.includes(field))?.[1];
    }
}
