/** What waits in this browser for the connection, in the order in which one person typed it; it outlives the page. */
const whose = document.body.dataset.person;
const KEPT = `yoke.waiting.${whose}`;

const REFUSED = `yoke.refused.${whose}`;

const listed = (name) => JSON.parse(localStorage.getItem(name) ?? '[]');
const read = () => listed(KEPT);
const write = (entries) => localStorage.setItem(KEPT, JSON.stringify(entries));

/** What was sent and not taken, with what was typed, until somebody has seen it. */
export const refused = {
    all: () => listed(REFUSED),
    add: (entries) => localStorage.setItem(REFUSED, JSON.stringify([...refused.all(), ...entries])),
    seen: () => localStorage.removeItem(REFUSED),
};

export const waiting = {
    all: read,
    add(entry) {
        write([...read(), entry]);
    },
    /** @returns how often the server has broken down over an entry by now */
    failed(once) {
        write(read().map((entry) => (entry.once === once ? { ...entry, failures: (entry.failures ?? 0) + 1 } : entry)));
        return read().find((entry) => entry.once === once)?.failures ?? 0;
    },
    drop(once) {
        write(read().filter((entry) => entry.once !== once));
    },
    /** Entries of the same form that were typed later lean on what the earlier one became. */
    leanOn(url, fields) {
        write(read().map((entry) => (entry.url === url ? { ...entry, fields: entry.fields.map(([name, value]) => [name, basis(name, fields) ?? value]) } : entry)));
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

/** @returns one entry to send, from the fields of a form as the browser would send them */
export function entryOf(url, body, what, once = newMark()) {
    return { once, url, what, fields: [...body.entries()].filter(([name, value]) => typeof value === 'string' && name !== '_token') };
}
