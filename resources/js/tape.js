import { lookAhead } from './brick/ahead.js';
import { swapContent } from './brick/swap.js';
import { wireCalling } from './calling.js';
import { keepDraft } from './draft.js';
import { wireHolding } from './hold.js';
import { NoAnswer, post } from './post.js';
import { entryOf, newMark } from './queue.js';
import { wireSetting } from './setting.js';
import { keepWaiting, sendWaiting, whenSent } from './waiting.js';
import { text } from './texts.js';

const TYPING_PAUSE = 160;
const SECOND_THOUGHT = 1100;
/** Answers grow old: somebody else may have written in the job meanwhile. */
const FRESH = 20_000;

/**
 * The tape form, live: what is typed is shown for what it means, and saved as soon as a field is left.
 * Every answer comes from the server; nothing is computed here.
 */
export function wireTape(form) {
    const inputs = [...form.querySelectorAll('[data-field]')];
    const basisOf = (field) => form.elements[`based_on[${field}]`];
    const draft = keepDraft(`${document.body.dataset.person} draft ${form.dataset.draft}`, inputs, basisOf);
    const savedAt = form.querySelector('[data-saved-at]');
    const toldEmpty = new Set();
    let asked = 0;
    let shown = 0;
    let pause;
    let patience;
    let saving = Promise.resolve();
    let underWay = 0;
    let flying = null;
    let isLeaving = false;
    const foreseen = lookAhead({ ask: async (body) => [[nameOf(body), await post(form.dataset.preview, body)]], nameOf, fresh: FRESH });

    const show = (answer, { quiet = null, typed = typedNow() } = {}) => {
        for (const [part, html] of Object.entries(answer.parts)) {
            const place = document.querySelector(`[data-part="${part}"]`);
            if (place) {
                swapContent(place, html);
            }
        }
        holdFields();
        document.querySelector('[data-said]').textContent = answer.said;
        const now = typedNow();
        for (const [field, says] of Object.entries(answer.fields)) {
            // What was typed on since has an answer of its own.
            if (typed.get(field) === now.get(field)) {
                tell(form, field, says, field === quiet);
            }
        }
        calling?.heard(answer.fields, typed);
    };

    /** Heights belong to the setting that is on: while another is tried, none are typed. */
    const holdFields = () => {
        const isTried = document.querySelector('[data-record-first]') !== null;
        inputs.forEach((input) => {
            input.readOnly = isTried;
        });
    };

    /** What stands in the fields: an answer is about what stood there when it was asked for. */
    const typedNow = () => new Map(inputs.map(({ dataset, value }) => [dataset.field, value]));

    const preview = async (quiet = null) => {
        const turn = ++asked;
        const typed = typedNow();
        const body = setting?.addTo(new FormData(form)) ?? new FormData(form);
        try {
            const answer = foreseen.known(nameOf(body)) ?? await post(form.dataset.preview, body);
            if (turn > shown && asked === turn) {
                shown = turn;
                show(answer, { quiet, typed });
            }
        } catch (trouble) {
            savedAt.textContent = trouble.message;
        }
    };

    const save = () => {
        clearTimeout(pause);
        foreseen.forget();
        form.ariaBusy = 'true';
        const turn = ++underWay;
        saving = saving.then(async () => {
            asked++;
            const body = new FormData(form);
            const typed = typedNow();
            const once = newMark();
            flying = () => toKeep(body, once);
            try {
                if (!(await sendWaiting())) {
                    throw new NoAnswer(text('waits'));
                }
                body.append('_once', once);
                const answer = await post(form.action, withBasis(body), {});
                settle(answer.fields, typed);
                shown = asked;
                show(answer, { quiet: emptyField(answer), typed });
                savedAt.textContent = answer.savedAt;
                if (setting?.isTrying() || inputs.some(({ dataset, value }) => typed.get(dataset.field) !== value)) {
                    preview();
                }
                return answer;
            } catch (trouble) {
                if (trouble instanceof NoAnswer) {
                    keepWaiting(flying());
                }
                savedAt.textContent = trouble instanceof NoAnswer ? text('waits') : trouble.message;
                return null;
            } finally {
                flying = null;
                form.ariaBusy = String(turn !== underWay);
            }
        });
        return saving;
    };

    const toKeep = (body, once) => entryOf(form.action, body, document.querySelector('h1').textContent.trim(), once);

    /** Of what is being saved while somebody leaves nothing is lost: the next page sends it, and the server takes it once. */
    const keepUnanswered = () => {
        if (form.ariaBusy !== 'true') {
            return;
        }
        const typedLast = new FormData(form);
        if (flying) {
            keepWaiting(flying());
        }
        if (flying === null || JSON.stringify(flying().fields) !== JSON.stringify(toKeep(typedLast).fields)) {
            keepWaiting(toKeep(typedLast));
        }
    };
    window.addEventListener('beforeunload', () => {
        isLeaving = true;
    });
    window.addEventListener('pagehide', keepUnanswered);

    /** What waited before may have given the fields something new to stand on. */
    const withBasis = (body) => {
        inputs.forEach(({ dataset: { field } }) => body.set(`based_on[${field}]`, basisOf(field).value));
        return body;
    };

    /** What was sent is with the server: the draft of it goes with the page that shows it, that of what was typed since stays. */
    const settle = (fields, sent) => {
        for (const [field, says] of Object.entries(fields)) {
            basisOf(field).value = says.basedOn ?? '';
            if (['saved', 'unchanged', 'taken back'].includes(says.saved)) {
                draft.saved(field, sent.get(field), says.basedOn);
            }
        }
    };

    /** An empty field is asked for once; a job that is taped at the front alone is not asked. */
    const holdsUp = (field, answer) => answer.fields[field].saved === 'empty' && !answer.frontOnly && !toldEmpty.has(field);

    whenSent((entry, answer) => {
        if (entry.url === form.action && answer.fields) {
            settle(answer.fields, typedNow());
            Object.entries(answer.fields).forEach(([field, says]) => tell(form, field, says, true));
            savedAt.textContent = text('sent');
            preview();
        }
    });

    form.addEventListener('input', (event) => {
        const field = event.target.dataset.field ?? null;
        if (field) {
            draft.keep(field);
        }
        clearTimeout(pause);
        clearTimeout(patience);
        pause = setTimeout(() => preview(field), TYPING_PAUSE);
        patience = setTimeout(() => preview(), SECOND_THOUGHT);
    });

    form.addEventListener('change', () => {
        clearTimeout(patience);
        save();
    });

    form.addEventListener('keydown', (event) => {
        const place = inputs.indexOf(event.target);
        if (event.key === 'Enter' && place >= 0 && place < inputs.length - 1) {
            event.preventDefault();
            inputs[place + 1].focus();
            inputs[place + 1].select();
        }
    });

    form.addEventListener('submit', async (event) => {
        event.preventDefault();
        clearTimeout(patience);
        isLeaving = false;
        const answer = await save();
        if (!answer) {
            return;
        }
        const open = Object.keys(answer.fields).find((field) => ['refused', 'overtaken'].includes(answer.fields[field].saved) || holdsUp(field, answer));
        if (open) {
            toldEmpty.add(open);
            tell(form, open, answer.fields[open], false);
            form.querySelector(`[data-field="${open}"]`).focus();
        } else if (answer.next && !isLeaving) {
            window.location.assign(answer.next);
        }
    });

    const calling = form.hasAttribute('data-call') ? wireCalling(form, inputs) : null;
    const steppers = document.querySelector('[data-setting]');
    const setting = steppers ? wireSetting(steppers, (adjuster) => {
        const shown = preview();
        foreseeAround(adjuster);
        return shown;
    }) : null;
    /** What the settings next to the one that is tried would come to is fetched ahead. */
    function foreseeAround(adjuster) {
        foreseen.fetch(() => (adjuster && setting.isTrying() ? setting.around(adjuster).map((step) => setting.withStep(new FormData(form), adjuster, step)) : []));
    }
    if (setting) {
        wireHolding(setting, { isTaken: foreseeAround, settled: () => preview() });
    }
    holdFields();
    draft.restore(() => preview());

    return {
        magnify(height) {
            form.elements.height.value = height;
            return preview();
        },
        /** Resolves when what was typed so far is with the server. */
        settled() {
            document.activeElement.blur();
            return saving;
        },
    };
}

/** The same for the same question. */
function nameOf(body) {
    return JSON.stringify([...body].filter(([name]) => name !== '_token').sort());
}

/** A field that is simply not typed yet is no mistake until the person wants to go on. */
function emptyField(answer) {
    return Object.keys(answer.fields).find((field) => answer.fields[field].saved === 'empty') ?? null;
}

function tell(form, field, says, quiet) {
    const input = form.querySelector(`[data-field="${field}"]`);
    const line = document.getElementById(`${field}-says`);
    const stop = says.tone === 'stop' || says.saved === 'empty';
    if (quiet && stop) {
        return;
    }
    input.setAttribute('aria-invalid', stop ? 'true' : 'false');
    line.dataset.tone = stop ? 'stop' : says.tone;
    line.textContent = says.sentence;
}
