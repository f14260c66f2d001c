import { page } from '@inertiajs/svelte';

/** The shop's clock as the browser follows it: the server's instant at the last answer, and what has passed since. */
class ShopClock {
    #server = $derived(Date.parse(page.props.clock?.now ?? new Date().toISOString()));
    #passed = $state(0);
    #since = 0;

    constructor() {
        this.#since = performance.now();
        setInterval(() => this.#tick(), 10_000);
    }

    /** To be called when the server has answered. */
    answered(): void {
        this.#since = performance.now();
        this.#passed = 0;
    }

    get now(): Date {
        return new Date(this.#server + this.#passed);
    }

    #tick(): void {
        if (!page.props.clock?.fixed) {
            this.#passed = performance.now() - this.#since;
        }
    }
}

export const shopClock = new ShopClock();
