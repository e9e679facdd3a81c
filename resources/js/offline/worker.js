import { cleanupOutdatedCaches, precacheAndRoute } from 'workbox-precaching';
import { registerRoute } from 'workbox-routing';
import { NetworkFirst } from 'workbox-strategies';

/** What pages look like is kept whole; pages themselves are asked for first, and shown from here where nobody answers. */
precacheAndRoute(self.__WB_MANIFEST);
cleanupOutdatedCaches();

const OWNER = 'owner';
const BENCH = 'bench';
const MARKS = '/kept-marks';
const NONE = '/no-connection';
const KEPT_AT = 'X-Kept-At';
const PATIENCE_SECONDS = 5;
const GONE = 410;
const SIGNED_OUT = 401;
const SIGN_IN = '/sign-in';
const SIGN_OUT = '/sign-out';
/** Says that nobody waits for an answer: the server gives no cookie with it, and keeps no address to go to. */
const QUIETLY = { 'X-Keeping': '1' };

/** What is under way for the person of the moment; it stops when they leave. */
let errand = new AbortController();

const at = (address) => new URL(address, self.location.origin).href;

/** A copy with the moment it was taken. */
async function copyOf(response) {
    const headers = new Headers(response.headers);
    headers.set(KEPT_AT, String(Date.now()));

    return new Response(await response.blob(), { status: 200, headers });
}

/** A copy says that it is one: a page in its body, an answer in its head. */
async function shown(kept) {
    if (!kept) {
        return kept;
    }
    const headers = new Headers(kept.headers);
    headers.set('X-Kept', headers.get(KEPT_AT) ?? 'yes');
    const isPage = (headers.get('Content-Type') ?? '').startsWith('text/html');
    const body = isPage ? (await kept.text()).replace('<body', `<body data-kept="${headers.get(KEPT_AT) ?? ''}"`) : await kept.blob();

    return new Response(body, { status: 200, headers });
}

const owners = new NetworkFirst({
    cacheName: OWNER,
    networkTimeoutSeconds: PATIENCE_SECONDS,
    plugins: [
        {
            cacheWillUpdate: async ({ response }) => (response.status === 200 && !response.redirected ? copyOf(response) : null),
            cachedResponseWillBeUsed: async ({ cachedResponse }) => shown(cachedResponse),
            // What the shop has closed is thrown away at once.
            fetchDidSucceed: async ({ request, response }) => {
                if (response.status === GONE) {
                    await forgetOwners(new URL(request.url).pathname.split('/').slice(0, 3).join('/'));
                }

                return response;
            },
        },
    ],
});
const isOwners = (url) => url.origin === self.location.origin && url.pathname.startsWith('/card/') && !url.pathname.endsWith('.pdf');

registerRoute(({ url, request }) => request.method === 'GET' && isOwners(url), owners);
registerRoute(({ url, request }) => request.mode === 'navigate' && url.origin === self.location.origin && !isOwners(url), benchPage);

/** A page of the workshop: as it is now, else as it was kept, else that it was not. */
async function benchPage({ request, url }) {
    try {
        const response = await fetch(request);
        if (url.pathname === SIGN_IN && response.ok) {
            await leave();
        }

        return response;
    } catch (failure) {
        const cache = await caches.open(BENCH);
        const kept = (await cache.match(url.origin + url.pathname)) ?? (await cache.match(`${url.origin}${url.pathname}/list`)) ?? (await cache.match(at(NONE)));
        if (!kept) {
            throw failure;
        }

        return shown(kept);
    }
}

async function forgetOwners(path) {
    const cache = await caches.open(OWNER);
    await Promise.all((await cache.keys()).filter((request) => new URL(request.url).pathname.startsWith(path)).map((request) => cache.delete(request)));
}

/** A page for later; one that only leads to another place of its own is kept as that. */
async function keep(cache, address) {
    const response = await fetch(address, { cache: 'no-store', credentials: 'same-origin', headers: QUIETLY, signal: errand.signal }).catch(() => null);
    if (response?.status === SIGNED_OUT) {
        await leave();
    }
    const isIts = response?.status === 200 && (!response.redirected || new URL(response.url).pathname.startsWith(`${address}/`));
    if (isIts) {
        await cache.put(at(address), await copyOf(response));
    }

    return isIts;
}

/** Nobody is signed in here: nothing of whoever was stays. A browser that only ever showed an owner's page keeps that. */
async function leave() {
    errand.abort();
    errand = new AbortController();
    if (await caches.has(BENCH)) {
        await Promise.all([BENCH, OWNER].map((name) => caches.delete(name)));
    }
}

/** Keeps what differs from what was kept, one page after the other, and throws away what is no longer listed. */
async function keepMarked(pages) {
    const { signal } = errand;
    const cache = await caches.open(BENCH);
    const marks = (await (await cache.match(at(MARKS)))?.json()) ?? {};
    for (const address of Object.keys(marks).filter((one) => !(one in pages))) {
        await cache.delete(at(address));
        delete marks[address];
    }
    for (const [address, mark] of Object.entries(pages)) {
        if (signal.aborted) {
            return;
        }
        if (marks[address] !== mark && (await keep(cache, address))) {
            marks[address] = mark;
        }
    }
    if (!signal.aborted && (await caches.has(BENCH))) {
        await cache.put(at(MARKS), new Response(JSON.stringify(marks)));
    }
}

self.addEventListener('message', (event) => {
    const { keep: addresses, marked, forget, leave: isLeaving } = event.data ?? {};
    if (addresses) {
        event.waitUntil(caches.open(OWNER).then((cache) => Promise.all(addresses.map((address) => keep(cache, address)))));
    }
    if (marked) {
        event.waitUntil(keepMarked(marked));
    }
    if (forget) {
        event.waitUntil(forgetOwners(forget));
    }
    if (isLeaving) {
        event.waitUntil(leave());
    }
});
// Whether the page says so or not.
self.addEventListener('fetch', (event) => {
    if (event.request.method === 'POST' && new URL(event.request.url).pathname === SIGN_OUT) {
        event.waitUntil(leave());
    }
});
self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));
