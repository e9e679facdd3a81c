import { text } from '../texts.js';

/** Pages of the workshop in the browser: which it keeps, what a kept one says of itself, and when they are thrown away. */
const CACHES = ['bench', 'owner'];
const BENCH = 'bench';
const WHOSE = 'yoke.kept.person';
const LOOKED = 'yoke.kept.looked';
const AGAIN = 120_000;

/** Says of a request that nobody waits for it: the server answers it without a session's cookie, and remembers nothing of it. */
export const QUIETLY = { 'X-Keeping': '1' };

export async function keepPages(root) {
    const { person, kept } = root.body.dataset;
    stayWithPerson(person);
    if (!person) {
        return;
    }
    if (kept) {
        sayKept(root, Number(kept));
    }
    root.querySelectorAll('form[data-signs-out]').forEach((form) => form.addEventListener('submit', leave));
    if (localStorage.getItem(WHOSE) !== person) {
        await forget();
        localStorage.setItem(WHOSE, person);
    }
    if (!('serviceWorker' in navigator) || !navigator.onLine || Date.now() - Number(localStorage.getItem(LOOKED) ?? 0) < AGAIN) {
        return;
    }
    try {
        const registration = await navigator.serviceWorker.register('/worker.js');
        await navigator.serviceWorker.ready;
        const answer = await fetch('/offline.json', { headers: { Accept: 'application/json', ...QUIETLY } });
        if (answer.ok && !answer.redirected) {
            (registration.active ?? navigator.serviceWorker.controller)?.postMessage({ marked: (await answer.json()).pages });
            localStorage.setItem(LOOKED, String(Date.now()));
        }
    } catch {
        // Asked for again on the next page.
    }
}

/** A page that comes back from the browser's own memory is shown to nobody but whose it is. */
function stayWithPerson(person) {
    window.addEventListener('pageshow', (event) => {
        if (event.persisted && person && localStorage.getItem(WHOSE) !== person) {
            window.location.reload();
        }
    });
}

/** Whoever signs out leaves nothing behind but what waits to be sent, which nobody else can read. */
function leave(event) {
    const waits = Object.keys(localStorage).some((name) => name.startsWith('yoke.waiting.'));
    const form = event.currentTarget;
    const says = form.elements.waits ?? form.appendChild(Object.assign(document.createElement('input'), { type: 'hidden', name: 'waits' }));
    says.value = waits ? '1' : '';
    navigator.serviceWorker?.controller?.postMessage({ leave: true });
    sessionStorage.clear();
    localStorage.removeItem(WHOSE);
    forget();
}

async function forget() {
    localStorage.removeItem(LOOKED);
    if ('caches' in window) {
        await Promise.all(CACHES.map((name) => caches.delete(name)));
    }
}

/** Whether a page would be shown without a connection. */
export async function isKept(address) {
    if (!('caches' in window)) {
        return false;
    }
    const cache = await caches.open(BENCH);
    const { origin, pathname } = new URL(address, window.location.href);

    return Boolean((await cache.match(origin + pathname)) ?? (await cache.match(`${origin}${pathname}/list`)));
}

function sayKept(root, at) {
    const line = root.querySelector('[data-kept-says]');
    line.textContent = text('kept_copy', { at: new Date(at).toLocaleString(root.documentElement.lang, { dateStyle: 'medium', timeStyle: 'short' }) });
    line.hidden = false;
    root.body.classList.add('is-kept');
}
