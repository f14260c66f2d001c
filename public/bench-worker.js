// Opens the bench without the server: its page as it was last seen, and what the page is made of.
const KEPT = 'regimen-bench';
const PAGES = ['/bench', '/bench/names'];

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

async function page(request) {
    try {
        return await fetch(request);
    } catch {
        // What is kept is the page's own matter: of a shared tablet only the names.
        const cache = await caches.open(KEPT);
        return (await cache.match(new URL(request.url).pathname)) ?? (await cache.match('/bench/names')) ?? Response.error();
    }
}

async function made(request) {
    const cache = await caches.open(KEPT);
    const known = await cache.match(request);
    if (known) {
        return known;
    }
    const answer = await fetch(request);
    if (answer.ok) {
        await cache.put(request, answer.clone());
    }
    return answer;
}

self.addEventListener('fetch', (event) => {
    const { request } = event;
    const url = new URL(request.url);
    if (request.method !== 'GET' || url.origin !== self.location.origin) {
        return;
    }
    if (request.mode === 'navigate' && PAGES.includes(url.pathname)) {
        event.respondWith(page(request));
    } else if (url.pathname.startsWith('/build/assets/')) {
        event.respondWith(made(request));
    }
});
