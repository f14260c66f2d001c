import { svelte } from '@sveltejs/vite-plugin-svelte';
import tailwindcss from '@tailwindcss/vite';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';

export default defineConfig({
    plugins: [
        laravel({ input: ['resources/css/app.css', 'resources/css/client.css', 'resources/js/app.ts'], refresh: true }),
        svelte(),
        tailwindcss(),
    ],
    build: { assetsInlineLimit: 0 },
});
