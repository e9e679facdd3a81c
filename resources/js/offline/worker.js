import { cleanupOutdatedCaches, matchPrecache, precacheAndRoute } from 'workbox-precaching';
import { registerRoute } from 'workbox-routing';
import { NetworkFirst } from 'workbox-strategies';

/** What a page looks like is kept whole; pages themselves are asked for first, and shown from here where nobody answers. */
precacheAndRoute(self.__WB_MANIFEST);
cleanupOutdatedCaches();

const OWNER = 'owner';
const BENCH = 'bench';
const PATIENCE_SECONDS = 5;
const GONE = 410;

/** A copy says that it is one, so that the page can. */
const asKept = async (response) => {
    if (!response) {
        return response;
    }
    const headers = new Headers(response.headers);
    headers.set('X-Kept', 'yes');

    return new Response(await response.blob(), { status: response.status, statusText: response.statusText, headers });
};

/** Only whole pages are kept; what the shop closed is thrown away at once. */
const keeping = (cacheName) => ({
    cacheWillUpdate: async ({ response }) => (response.status === 200 && !response.redirected ? response : null),
    cachedResponseWillBeUsed: async ({ cachedResponse }) => asKept(cachedResponse),
    fetchDidSucceed: async ({ request, response }) => {
        if (response.status === GONE) {
            await forget(cacheName, new URL(request.url).pathname.split('/').slice(0, 3).join('/'));
        }

        return response;
    },
});

const strategyOf = (cacheName) => new NetworkFirst({ cacheName, networkTimeoutSeconds: PATIENCE_SECONDS, plugins: [keeping(cacheName)] });
const strategies = { [OWNER]: strategyOf(OWNER), [BENCH]: strategyOf(BENCH) };
const isOwners = (url) => url.origin === self.location.origin && url.pathname.startsWith('/card/') && !url.pathname.endsWith('.pdf');

registerRoute(({ url, request }) => request.method === 'GET' && isOwners(url), strategies[OWNER]);
registerRoute(({ url, request }) => request.mode === 'navigate' && url.origin === self.location.origin && !isOwners(url), benchPage);

/** A page of the workshop: kept only if it was asked for beforehand. */
async function benchPage({ request, event }) {
    try {
        const response = await fetch(request);
        const cache = await caches.open(BENCH);
        if (response.status === 200 && !response.redirected && (await cache.match(request.url))) {
            event.waitUntil(cache.put(request.url, response.clone()));
        }

        return response;
    } catch (failure) {
        const kept = await caches.open(BENCH).then((cache) => cache.match(request.url));
        const shown = (await asKept(kept)) ?? (await matchPrecache('/build/offline.html'));
        if (shown) {
            return shown;
        }
        throw failure;
    }
}

async function forget(cacheName, path) {
    const cache = await caches.open(cacheName);
    const kept = await cache.keys();
    await Promise.all(kept.filter((request) => new URL(request.url).pathname.startsWith(path)).map((request) => cache.delete(request)));
}

async function keep(addresses, cacheName) {
    const cache = await caches.open(cacheName);
    await Promise.all(
        addresses.map(async (address) => {
            const response = await fetch(address, { cache: 'no-store', credentials: 'same-origin' }).catch(() => null);
            if (response?.status === 200 && !response.redirected) {
                await cache.put(new URL(address, self.location.origin).href, response);
            }
        }),
    );
}

self.addEventListener('message', (event) => {
    const { keep: addresses, as, forget: path, forgetAll } = event.data ?? {};
    if (addresses) {
        event.waitUntil(keep(addresses, as === OWNER ? OWNER : BENCH));
    }
    if (path) {
        event.waitUntil(forget(OWNER, path));
    }
    if (forgetAll) {
        event.waitUntil(caches.delete(BENCH));
    }
});
self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));
