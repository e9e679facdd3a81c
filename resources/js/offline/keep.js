import { text } from '../texts.js';

/** Pages of the workshop in the browser: which it keeps, what a kept one says of itself, and when they are thrown away. */
const CACHE = 'bench';
const WHOSE = 'yoke.kept.person';
const LOOKED = 'yoke.kept.looked';
const AGAIN = 120_000;

export async function keepPages(root) {
    const { person, kept } = root.body.dataset;
    if (!('serviceWorker' in navigator) || !person) {
        return;
    }
    if (kept) {
        sayKept(root, Number(kept));
    }
    root.querySelector('form[data-signs-out]')?.addEventListener('submit', () => caches.delete(CACHE));
    if (localStorage.getItem(WHOSE) !== person) {
        await caches.delete(CACHE);
        localStorage.setItem(WHOSE, person);
        localStorage.removeItem(LOOKED);
    }
    if (!navigator.onLine || Date.now() - Number(localStorage.getItem(LOOKED) ?? 0) < AGAIN) {
        return;
    }
    try {
        const registration = await navigator.serviceWorker.register('/worker.js');
        await navigator.serviceWorker.ready;
        const answer = await fetch('/offline.json', { headers: { Accept: 'application/json' } });
        if (answer.ok && !answer.redirected) {
            (registration.active ?? navigator.serviceWorker.controller)?.postMessage({ marked: (await answer.json()).pages });
            localStorage.setItem(LOOKED, String(Date.now()));
        }
    } catch {
        // Asked for again on the next page.
    }
}

/** Whether a page would be shown without a connection. */
export async function isKept(address) {
    if (!('caches' in window)) {
        return false;
    }
    const cache = await caches.open(CACHE);
    const { origin, pathname } = new URL(address, window.location.href);

    return Boolean((await cache.match(origin + pathname)) ?? (await cache.match(`${origin}${pathname}/list`)));
}

function sayKept(root, at) {
    const line = root.querySelector('[data-kept-says]');
    line.textContent = text('kept_copy', { at: new Date(at).toLocaleString(root.documentElement.lang, { dateStyle: 'medium', timeStyle: 'short' }) });
    line.hidden = false;
    root.body.classList.add('is-kept');
}
