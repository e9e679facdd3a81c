import { wireDrag } from './brick/drag.js';
import { isTypedIn, previewOf } from './preview.js';

const TYPING_PAUSE = 220;
const NUDGE = 50;
/** A tank is drawn so wide, in the drawing's millimetres; per cent that it holds, and by how many a key moves it. */
const WIDE = 900;
const FULL = 100;
const PART = 5;

/** The load planner, live: typed, dragged or put aboard, the server says what it comes to; saving is the form's own button. */
export function wireLoads(form) {
    const status = form.querySelector('[data-saved-at]');
    const drawing = document.querySelector('[data-part="drawing"]');
    let pause;
    const ask = previewOf(form, status, say);
    const preview = (submitter = null, withRows = false) => {
        const body = new FormData(form, submitter);
        if (withRows) {
            body.set('rows', '1');
        }
        return ask(body);
    };

    form.addEventListener('input', () => {
        clearTimeout(pause);
        pause = setTimeout(preview, TYPING_PAUSE);
    });
    form.addEventListener('submit', (event) => {
        if (event.submitter?.name === 'add' || event.submitter?.name === 'drop') {
            event.preventDefault();
            preview(event.submitter, true);
        }
    });
    const moved = async (item, at) => {
        form.querySelector(`[data-drawn="${item}"]`).value = at;
        await preview(null, true);
        drawing.querySelector(`[data-item="${item}"]`)?.focus();
    };
    const filled = async (tank, percent) => {
        form.elements[`fills[${tank}]`].value = percent < 0 ? 0 : percent > FULL ? FULL : percent;
        await preview();
        drawing.querySelector(`[data-tank="${tank}"]`)?.focus();
    };
    wireMarks(drawing, {
        moving: (item, at) => {
            form.querySelector(`[data-drawn="${item}"]`).value = at;
            return preview();
        },
        moved,
        filled,
        fillOf: (tank) => Number(form.elements[`fills[${tank}]`].value) || 0,
    });
    // Whoever typed before this was here is answered, too.
    if (isTypedIn(form)) {
        preview();
    }
}

/** A mark follows the pointer along the drawing, in the drawing's own millimetres; what it would come to is asked on the way. */
function wireMarks(drawing, { moving, moved, filled, fillOf }) {
    let isAsking = false;
    const place = (event) => {
        const svg = drawing.querySelector('svg');
        return new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());
    };
    const percent = (event, { from }) => Number((((place(event).x - from) / WIDE) * FULL).toFixed(0));
    const onTheWay = async (ask) => {
        if (!isAsking) {
            isAsking = true;
            await ask();
            isAsking = false;
        }
    };
    const markAt = ({ target }) => {
        const [item, tank] = [target.closest('[data-item]'), target.closest('[data-tank]')];
        if (item) {
            return { item: item.dataset.item, at: Number(item.dataset.at) };
        }
        return tank ? { tank: tank.dataset.tank, from: Number(tank.dataset.from) } : null;
    };
    wireDrag(drawing, {
        takes: markAt,
        moves: (held, event) => {
            if (held.item) {
                const { x, y } = place(event);
                drawing.querySelector(`[data-item="${held.item}"]`)?.setAttribute('transform', `translate(${x},${y})`);
                onTheWay(() => moving(held.item, x));
            } else {
                onTheWay(() => filled(held.tank, percent(event, held)));
            }
        },
        drops: (held, event) => (held.item ? moved(held.item, place(event).x) : filled(held.tank, percent(event, held))),
        cancels: (held) => (held.item ? moved(held.item, held.at) : null),
    });
    drawing.addEventListener('keydown', (event) => {
        const mark = markAt(event);
        const way = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
        if (way && mark) {
            event.preventDefault();
            if (mark.item) {
                moved(mark.item, mark.at + way * NUDGE);
            } else {
                filled(mark.tank, fillOf(mark.tank) + way * PART);
            }
        }
    });
}

function say(form, problems) {
    for (const line of form.querySelectorAll('[data-row-says]')) {
        const row = line.dataset.rowSays;
        const found = ['name', 'weight', 'on', 'place'].map((field) => problems[`item-${row}-${field}`]).filter(Boolean);
        line.textContent = found.join(' ');
    }
    for (const line of form.querySelectorAll('[id^="fill-"][id$="-says"]')) {
        const problem = problems[line.id.replace('-says', '')];
        line.dataset.tone = problem ? 'stop' : 'plain';
        line.textContent = problem ?? '';
    }
}
