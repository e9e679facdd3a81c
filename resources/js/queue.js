import { sealed } from './sealed.js';

/** What waits in this browser for the connection, in the order in which one person typed it; it outlives the page, and is theirs alone. */
const { person: whose, seal } = document.body.dataset;
const KEPT = sealed(`yoke.waiting.${whose}`, seal);
const REFUSED = sealed(`yoke.refused.${whose}`, seal);

/** Nothing that opens a door waits here. */
const SECRET = /^(password|passphrase)/;

const read = () => KEPT.read();
const write = (entries) => KEPT.write(entries);

/** What was sent and not taken, with what was typed, until somebody has seen it. */
export const refused = {
    all: () => REFUSED.read(),
    add: (entries) => entries.length > 0 && REFUSED.write([...refused.all(), ...entries]),
    seen: () => REFUSED.drop(),
};

export const waiting = {
    all: read,
    add(entry) {
        write([...read(), entry]);
    },
    drop(once) {
        write(read().filter((entry) => entry.once !== once));
    },
    /** Entries of the same form that were typed later lean on what the earlier one became. */
    leanOn(url, fields) {
        write(read().map((entry) => (entry.url === url ? { ...entry, fields: entry.fields.map(([name, value]) => [name, basis(name, fields) ?? value]) } : entry)));
    },
    /** Of what an earlier version kept: passwords go. */
    clean() {
        const isOpen = (entry) => !entry.fields.some(([name]) => SECRET.test(name));
        for (const kept of [KEPT, REFUSED]) {
            if (kept.isPlain() || kept.read().some((entry) => !isOpen(entry))) {
                kept.write(kept.read().filter(isOpen));
            }
        }
    },
};

function basis(name, fields) {
    const field = /^based_on\[(.+)\]$/.exec(name)?.[1];

    return field && fields[field] ? (fields[field].basedOn ?? '').toString() : null;
}

/** A mark for one sending: the server takes what comes under it once. */
export function newMark() {
    const bytes = [...crypto.getRandomValues(new Uint8Array(16))].map((byte) => byte.toString(16).padStart(2, '0')).join('');

    return bytes.replace(/^(.{8})(.{4})(.{4})(.{4})(.{12})$/, '$1-$2-$3-$4-$5');
}

/** What goes beside the fields of a form, and anew with every sending. */
const BESIDE = ['_token', '_once'];

/** @returns one entry to send, from the fields of a form as the browser would send them */
export function entryOf(url, body, what, once = newMark()) {
    return { once, url, what, fields: [...body.entries()].filter(([name, value]) => typeof value === 'string' && !BESIDE.includes(name)) };
}
