import { isKept } from './offline/keep.js';
import { NoAnswer, post, Refusal } from './post.js';
import { entryOf, newMark, refused, waiting } from './queue.js';
import { text } from './texts.js';

/** Of these nothing waits: what needs an answer at once, what brings a file, and whatever opens or closes a door. */
const NEVER = '[enctype], [data-tape], [data-needs-connection], [data-signs-out], [action$="/sign-in"], :has(input[type="password"])';
const FORMS = `main form[method="post"]:not(${NEVER})`;
const DOORS = 'main form[method="post"]:is([data-signs-out], [data-needs-connection], :has(input[type="password"]))';
const RETRY = 4000;
const PATIENCE = 3000;
const RECENT = 20_000;

let sending = null;
let listener = () => {};
let isCutOff = false;
let trouble = '';
let heard = performance.now();

/** Keeps an entry that could not be sent, and says so. */
export function keepWaiting(entry) {
    isCutOff = true;
    add(entry);
    say();
}

/** A browser may keep nothing: full, or told so. */
function add(entry) {
    try {
        waiting.add(entry);
    } catch {
        trouble = text('keeps_nothing');
    }
}

/** Sends what waits, in order, each once. Resolves to whether nothing waits any more. */
export function sendWaiting() {
    sending ??= sendAll().finally(() => {
        sending = null;
        say();
    });

    return sending;
}

/** Who wants to know what became of an entry: the form of the page it was typed on. */
export function whenSent(tell) {
    listener = tell;
}

async function sendAll() {
    for (let [entry] = waiting.all(); entry; [entry] = waiting.all()) {
        try {
            const answer = await post(entry.url, bodyOf(entry), { 'X-Waited': '1' });
            isCutOff = false;
            heard = performance.now();
            trouble = '';
            waiting.drop(entry.once);
            refused.add(answer.says.map((sentence) => ({ ...entry, sentence, back: answer.back })));
            if (answer.fields) {
                waiting.leanOn(entry.url, answer.fields);
            }
            listener(entry, answer);
        } catch (failure) {
            // What broke down over it may pass: only what the server will never take goes.
            if (failure instanceof Refusal) {
                waiting.drop(entry.once);
                refused.add([{ ...entry, sentence: failure.message, back: null }]);
                continue;
            }
            isCutOff = failure instanceof NoAnswer;
            trouble = isCutOff ? '' : failure.message;
            return false;
        }
    }

    return true;
}

function bodyOf(entry) {
    const body = new FormData();
    entry.fields.forEach(([name, value]) => body.append(name, value));
    body.append('_token', document.querySelector('meta[name="csrf-token"]').content);
    body.append('_once', entry.once);

    return body;
}

function say() {
    const line = document.querySelector('[data-waiting]');
    const many = waiting.all().length;
    line.replaceChildren();
    if (many > 0 && (isCutOff || trouble)) {
        line.append(text(many === 1 ? 'one_waits' : 'many_wait', { trouble: trouble || text('no_connection'), count: many }));
    } else if (isCutOff || trouble) {
        line.append(trouble || text('page_stays'));
    }
    for (const { what, sentence, back, fields } of refused.all()) {
        const typed = fields.filter(([name]) => !name.startsWith('_')).map(([, value]) => value).filter((value) => value !== '').join(', ');
        const place = document.createElement('a');
        place.href = back ?? window.location.href;
        place.textContent = what;
        const says = document.createElement('p');
        says.append(`${text('not_taken')} `, place, ` ${text('not_taken_because', { typed, sentence })}`);
        line.append(says);
    }
    if (refused.all().length > 0) {
        const seen = Object.assign(document.createElement('button'), { type: 'button', className: 'button is-small', textContent: text('seen') });
        seen.addEventListener('click', () => {
            refused.seen();
            say();
        });
        line.append(seen);
    }
    line.hidden = line.childNodes.length === 0;
}

/** Every form of a page that sends: once, after what waits, and when there is no connection, later. */
export function wireWaiting(root) {
    if (!root.body.dataset.person) {
        return;
    }
    waiting.clean();
    // On the document: whoever answers a form on the page itself has done so by then.
    root.addEventListener('submit', (event) => event.target.matches(FORMS) && hold(event.target, event));
    root.addEventListener('submit', (event) => event.target.matches(DOORS) && stayWithoutAnswer(event), true);
    root.addEventListener('click', stayWhileCutOff, true);
    window.addEventListener('online', sendWaiting);
    window.addEventListener('offline', () => {
        isCutOff = true;
        say();
    });
    setInterval(() => (waiting.all().length > 0 || isCutOff) && check(), RETRY);
    say();
    if (waiting.all().length > 0) {
        sendWaiting();
    }
}

/** What is never kept stays in its form, rather than on the browser's own page about the connection. */
function stayWithoutAnswer(event) {
    if (!navigator.onLine) {
        event.preventDefault();
        isCutOff = true;
        say();
    }
}

/** Whether the server answered a moment ago: then a form goes at once, and is sent again from the next page if it got lost. */
function isInTouch() {
    return !isCutOff && navigator.onLine && performance.now() - heard < RECENT;
}

async function hold(form, event) {
    if (event.defaultPrevented || form.dataset.goes) {
        return;
    }
    const mark = form.elements._once ?? form.appendChild(Object.assign(document.createElement('input'), { type: 'hidden', name: '_once' }));
    mark.value = newMark();
    const body = new FormData(form, event.submitter);
    const entry = entryOf(form.action, body, form.getAttribute('aria-label') ?? event.submitter?.textContent.trim() ?? 'entry', mark.value);
    if (waiting.all().length === 0 && isInTouch()) {
        add(entry);
        return;
    }
    event.preventDefault();
    const isClear = await sendWaiting();
    add(entry);
    if (isClear && (await reachable())) {
        form.dataset.goes = 'yes';
        form.requestSubmit(event.submitter);
        delete form.dataset.goes;
    } else {
        isCutOff = true;
        say();
    }
}

/** Leaves the page, as long as there is a connection to find another. */
export async function leaveFor(address) {
    if (!isCutOff || (await check())) {
        window.location.assign(address);
    }
}

async function check() {
    if (await reachable()) {
        isCutOff = false;
        await sendWaiting();
    }
    return !isCutOff;
}

async function reachable() {
    try {
        await fetch('/icon.svg', { method: 'HEAD', cache: 'no-store', signal: AbortSignal.timeout(PATIENCE) });
        heard = performance.now();
        return true;
    } catch {
        return false;
    }
}

/** A link would only lead to the browser's own page about the connection, but for a page that is kept. */
async function stayWhileCutOff(event) {
    const link = event.target.closest('a[href]');
    if (isCutOff && link && link.origin === window.location.origin && !link.hasAttribute('data-magnify')) {
        event.preventDefault();
        if (!(await check()) && (await isKept(link.href))) {
            window.location.assign(link.href);
        }
        say();
    }
}
