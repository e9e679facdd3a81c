import { text } from './texts.js';

const PART = 8 * 1024 ** 2;

/** Sends a large file in parts, each after the one before, and then its form without it. */
export function wireParts(form) {
    const input = form.elements.file;
    const says = form.querySelector('[data-parts-says]');
    form.addEventListener('submit', async (event) => {
        const file = input.files[0];
        if (!file) {
            return;
        }
        event.preventDefault();
        const button = form.querySelector('button');
        button.disabled = true;
        says.setAttribute('role', 'status');
        try {
            const upload = await send(form, file, (here) => { says.textContent = text('sent_so_far', { percent: ((100 * here) / file.size).toFixed(0) }); });
            add(form, 'upload', upload);
            add(form, 'called', file.name);
            input.disabled = true;
            form.submit();
        } catch (failure) {
            says.textContent = failure.message;
            button.disabled = false;
        }
    });
}

async function send(form, file, tell) {
    const upload = [...crypto.getRandomValues(new Uint8Array(16))].map((byte) => byte.toString(16).padStart(2, '0')).join('');
    for (let at = 0; at < file.size; at += PART) {
        const body = new FormData();
        Object.entries({ _token: form.elements._token.value, upload, at, of: file.size }).forEach(([name, value]) => body.append(name, value));
        body.append('part', file.slice(at, at + PART), 'part');
        const answer = await fetch(form.dataset.parts, { method: 'POST', body, headers: { Accept: 'application/json' } }).catch(() => null);
        if (!answer?.ok || answer.redirected) {
            throw new Error((await answer?.json().catch(() => null))?.message ?? text('no_answer'));
        }
        tell((await answer.json()).here);
    }

    return upload;
}

function add(form, name, value) {
    form.append(Object.assign(document.createElement('input'), { type: 'hidden', name, value }));
}
