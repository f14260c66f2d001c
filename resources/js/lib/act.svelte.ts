import { route } from '@/lib/address';
import { page, router } from '@inertiajs/svelte';

/** What a change to the plan says about itself: its kind, and what that kind needs. */
export type ChangeBody = Record<string, string | number | string[] | number[] | null>;

type Payload = NonNullable<Parameters<typeof router.visit>[1]>['data'];
type Values = Record<
    string,
    | string
    | number
    | boolean
    | null
    | string[]
    | Record<string, string>
    | Record<string, Record<string, string>>
    | ChangeBody[]
    | File
>;

/** Sends what was done on one row of a page and keeps what the server answered to it there. */
export class Act {
    errors = $state<Record<string, string>>({});
    busy = $state(false);

    send(method: 'post' | 'put' | 'delete', url: string, values: Values = {}, done: () => void = () => {}): void {
        this.busy = true;
        router.visit(url, {
            method,
            data: values as Payload,
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

    /** Fixes something about the plan. */
    change(body: ChangeBody, done: () => void = () => {}): void {
        this.post(route('plan.changes'), { changes: [body], seen: page.props.lastChange }, done);
    }

    /** What was refused about a field of a change. */
    ofChange(field: string): string | undefined {
        return this.errors[`changes.0.${field}`] ?? this.errors[field];
    }

    /** The first error that stands at none of the given fields. */
    other(...fields: string[]): string | undefined {
        return Object.entries(this.errors).find(([field]) => field !== 'conflict' && !fields.includes(field))?.[1];
    }
}
