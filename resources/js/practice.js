import { swap } from './brick/swap.js';
import { wirePad } from './pad.js';
import { text } from './texts.js';

/**
 * A run of the practice yard without leaving its page: what a button sends is answered by the page as it is then, and that is
 * put in place of the one that stands. Without scripts the same forms and links load the page anew.
 */
export function wirePractice(document) {
    let before = Promise.resolve();
    let isHeld = false;
    let release = () => {};
    const opened = new WeakSet();
    document.addEventListener('pointerdown', () => { isHeld = true; });
    for (const end of ['pointerup', 'pointercancel']) {
        document.addEventListener(end, () => {
            isHeld = false;
            setTimeout(() => release());
        });
    }
    /** Nothing is put under a finger that is down: its press would be lost. */
    const released = () => new Promise((resolve) => { release = resolve; if (!isHeld) { resolve(); } });

    /** One after the other: what is pressed while an answer is on its way follows it, at the place where the run stands then. */
    const show = (url, body) => {
        before = before.then(() => ask(url, body));
    };

    const ask = async (url, body) => {
        const position = document.querySelector('[data-practice] [name="position"]');
        if (!position) {
            return;
        }
        body?.set('position', position.value);
        try {
            const response = await fetch(url, { headers: { Accept: 'text/html' }, ...(body ? { method: 'POST', body } : {}) });
            const page = new DOMParser().parseFromString(await response.text(), 'text/html');
            const main = page.querySelector('[data-practice]');
            if (!main) {
                document.querySelector('[data-practice]').inert = true;
                window.location.assign(response.url);
                return;
            }
            await released();
            put(main, body?.get('kind') === 'tape');
            if (!body) {
                window.history.replaceState(null, '', response.url);
            }
        } catch {
            say(text('no_connection'));
        }
    };

    /** What is typed stays, but for what was just sent. */
    const put = (main, sent) => {
        const held = document.activeElement;
        const was = held?.closest('[data-practice]') ? { id: held.id, name: held.name, value: held.value, isTape: Boolean(held.closest('[data-tape-free]')) || held.matches('[data-practice-link]') } : null;
        const typed = document.querySelector('[data-practice-read]');
        const read = main.querySelector('[data-practice-read]');
        if (typed && read && read.value === '' && typed.form.elements.axle.value === read.form.elements.axle.value && !sent) {
            read.value = typed.value;
        }
        swap(document.querySelector('[data-practice]'), main);
        openPad();
        if (was) {
            focusAgain(was);
        }
    };

    const focusAgain = ({ id, name, value, isTape }) => {
        const field = document.querySelector('[data-practice-read]');
        const same = id ? document.getElementById(id) : document.querySelector(`button[name="${name}"][value="${value}"]`);
        (isTape && field ? field : same ?? document.querySelector('[data-practice-form] button'))?.focus({ preventScroll: true });
    };

    const say = (sentence) => {
        const says = document.querySelector('[data-practice-says]');
        const line = document.createElement('p');
        line.className = 'sentence';
        line.dataset.tone = 'stop';
        line.textContent = sentence;
        says?.replaceChildren(line);
    };

    /** The pad types into the height that is read; it comes and goes with the tape. */
    const openPad = () => {
        const pad = document.querySelector('[data-practice] [data-pad]');
        if (pad && !opened.has(pad)) {
            opened.add(pad);
            wirePad(pad, document.querySelector('[data-tape-free]'));
        }
    };

    openPad();
    document.addEventListener('submit', (event) => {
        const form = event.target.closest('[data-practice-form]');
        if (form) {
            event.preventDefault();
            show(form.action, new FormData(form, event.submitter));
        }
    });
    document.addEventListener('click', (event) => {
        const link = event.target.closest('[data-practice-link]');
        if (link && !event.ctrlKey && !event.metaKey) {
            event.preventDefault();
            show(link.href);
        }
    });
    document.addEventListener('change', (event) => {
        event.target.closest('[data-practice-set]')?.form.requestSubmit();
    });
}
