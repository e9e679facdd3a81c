import { text } from './texts.js';

/**
 * A run of the practice yard without leaving its page: what a button sends is answered by the page as it is then, and that is
 * put in place of the one that stands. Without scripts the same forms and links load the page anew.
 */
export function wirePractice(document) {
    let isAsked = false;

    const show = async (url, options) => {
        if (isAsked) {
            return;
        }
        isAsked = true;
        try {
            const response = await fetch(url, { headers: { Accept: 'text/html' }, ...options });
            const page = new DOMParser().parseFromString(await response.text(), 'text/html');
            const main = page.querySelector('[data-practice]');
            if (!main) {
                window.location.assign(response.url);
                return;
            }
            put(main);
            if (!options) {
                window.history.replaceState(null, '', response.url);
            }
        } catch {
            say(text('no_connection'));
        } finally {
            isAsked = false;
        }
    };

    const put = (main) => {
        const held = document.activeElement;
        const was = held?.closest('[data-practice]') ? { id: held.id, name: held.name, value: held.value, isTape: Boolean(held.closest('[data-tape-free]')) || held.matches('[data-practice-link]') } : null;
        document.querySelector('[data-practice]').replaceWith(document.adoptNode(main));
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

    document.addEventListener('submit', (event) => {
        const form = event.target.closest('[data-practice-form]');
        if (form) {
            event.preventDefault();
            show(form.action, { method: 'POST', body: new FormData(form, event.submitter) });
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
