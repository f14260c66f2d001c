import { createInertiaApp } from '@inertiajs/svelte';
import type { Component } from 'svelte';
import Sheet from './components/Sheet.svelte';
import { learnAddresses } from './lib/address';
import { rememberedMode } from './lib/mode';
import { sendOnce } from './lib/once';
import { askBeforeLeaving } from './lib/unsaved';

interface Page {
    default: Component;
}

rememberedMode();
sendOnce();
askBeforeLeaving();

void createInertiaApp({
    resolve: async (name, page) => {
        if (page?.props.viewer) {
            await learnAddresses();
        }
        const pages = import.meta.glob<Page>('./pages/*/*.svelte');
        const load = pages[`./pages/${name}.svelte`];
        if (load === undefined) {
            throw new Error(`There is no page ${name}.`);
        }
        return load();
    },
    layout: () => Sheet,
    progress: { includeCSS: false, delay: 200 },
});
