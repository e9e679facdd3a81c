import { wireStepper } from './brick/stepper.js';
import { newMark } from './queue.js';
import { text } from './texts.js';

const SOON = 4000;
const PATIENCE = 6000;

/** The owner's page on the road: answers looked up in what the shop worked out, and what is kept for when there is no connection. */
export function wireOwner(root) {
    const page = root.body.dataset;
    const contact = root.querySelector('[data-contact]');
    const tell = (says) => {
        contact.textContent = says;
        contact.hidden = says === '';
    };
    root.querySelectorAll('[data-stepper]').forEach(wireStepper);
    root.querySelector('[data-gauge]')?.addEventListener('change', ({ target }) => {
        root.querySelector('[data-todays-target]').textContent = target.selectedOptions[0].dataset.target;
    });
    const load = root.querySelector('[data-owner-load]');
    const note = root.querySelector('[data-owner-note]');
    if (note) {
        wireNote(note);
    }
    keep(root).finally(() => ask(page.owner, load, tell));
    window.addEventListener('online', () => ask(page.owner, load, tell));
}

/** Asks the shop for its answers: the kept ones where there is no connection, and a word where something changed since. */
async function ask(address, load, tell) {
    let answer;
    try {
        answer = await fetch(address, { headers: { Accept: 'application/json' }, cache: 'no-store', signal: AbortSignal.timeout(PATIENCE) });
    } catch {
        tell(text('owner_no_connection'));
        return;
    }
    const table = await answer.json().catch(() => ({}));
    if (answer.status === 410) {
        forget();
        tell(table.closed ?? text('owner_closed'));
        return;
    }
    if (!answer.ok) {
        tell(text('owner_no_connection'));
        return;
    }
    const isKept = answer.headers.get('X-Kept') !== null;
    const known = localStorage.getItem(address);
    tell(isKept ? text('owner_no_connection') : known !== null && known !== table.version ? text('owner_changed') : '');
    if (!isKept) {
        localStorage.setItem(address, table.version);
    }
    if (load && table.entries) {
        wireLoad(load, table);
    }
}

/** Every change of a stepper is answered from the table: its own entry, or of its neighbours the one that asks most care. */
function wireLoad(form, table) {
    const valueOf = (key) => Number(form.elements[`load[${key}]`].value);
    const entry = () => {
        const places = table.axes.reduce((found, { key, levels }) => found.flatMap((place) => around(levels, valueOf(key)).map((level) => place * levels.length + level)), [0]);

        return places.map((place) => table.entries[place]).reduce((safest, other) => (other[1] > safest[1] ? other : safest));
    };
    const show = () => {
        const [said, , ...bounds] = entry();
        const { tone, headline, sentences } = table.said[said];
        const line = form.querySelector('[data-headline]');
        line.textContent = headline;
        line.dataset.tone = tone;
        form.querySelector('[data-sentences]').replaceChildren(...sentences.map((sentence) => Object.assign(document.createElement('li'), { textContent: sentence })));
        showHeights(form, table.findings, bounds);
    };
    form.onchange = (event) => {
        form.dataset.taped = event.target.matches('[data-height]') ? 'yes' : (form.dataset.taped ?? '');
        show();
    };
    show();
}

function around(levels, value) {
    const at = levels.indexOf(value);
    const above = levels.findIndex((level) => level > value);

    return at >= 0 ? [at] : [above - 1, above];
}

function showHeights(form, findings, [frontFrom, frontTo, rearFrom, rearTo]) {
    const [front, rear] = ['front', 'rear'].map((axle) => form.querySelector(`[data-height="${axle}"]`));
    if (front && form.dataset.taped === 'yes') {
        const place = (value, from, to) => (value < from ? 0 : value > to ? 2 : 1);
        form.querySelector('[data-finding]').textContent = findings[place(Number(front.value), frontFrom, frontTo)][place(Number(rear.value), rearFrom, rearTo)];
    }
}

/** A note that finds no connection waits on the phone and is sent once there is one. */
function wireNote(form) {
    const name = `yoke.note.${form.action}`;
    const says = form.querySelector('[data-note-says]');
    const waiting = () => JSON.parse(localStorage.getItem(name) ?? 'null');
    const send = async () => {
        const held = waiting();
        if (held === null) {
            return;
        }
        const body = new FormData();
        body.append('note', held.note);
        body.append('_once', held.once);
        try {
            const answer = await fetch(form.action, { method: 'POST', body, headers: { Accept: 'application/json', 'X-Waited': '1' }, signal: AbortSignal.timeout(PATIENCE) });
            if (answer.ok || answer.status === 410) {
                localStorage.removeItem(name);
                says.textContent = text(answer.ok ? 'owner_note_sent' : 'owner_closed');
                form.elements.note.value = answer.ok ? '' : held.note;
                return;
            }
        } catch {
            // Kept: tried again when the connection is back.
        }
        says.textContent = text('owner_note_waits');
    };
    form.addEventListener('submit', (event) => {
        const note = form.elements.note.value.trim();
        if (note !== '') {
            event.preventDefault();
            localStorage.setItem(name, JSON.stringify({ note, once: newMark() }));
            send();
        }
    });
    window.addEventListener('online', send);
    setInterval(() => waiting() !== null && send(), SOON);
    send();
}

/** The pages of the link, for when there is no connection. */
async function keep(root) {
    const pages = root.querySelector('[data-keep]')?.dataset.keep;
    if (!('serviceWorker' in navigator) || !pages) {
        return;
    }
    const worker = await navigator.serviceWorker.register('/worker.js');
    await navigator.serviceWorker.ready;
    (worker.active ?? worker.waiting ?? worker.installing)?.postMessage({ keep: JSON.parse(pages) });
}

function forget() {
    navigator.serviceWorker?.controller?.postMessage({ forget: new URL(document.baseURI).pathname.split('/').slice(0, 3).join('/') });
}
