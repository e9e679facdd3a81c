import { previewOf } from './preview.js';

const TYPING_PAUSE = 220;
const NUDGE = 50;

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
    wireDragging(drawing, moved);
}

/** A mark follows the pointer along the drawing, in the drawing's own millimetres. */
function wireDragging(drawing, moved) {
    let held = null;
    const place = (event) => {
        const svg = drawing.querySelector('svg');
        return new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());
    };
    drawing.addEventListener('pointerdown', (event) => {
        held = event.target.closest('[data-item]');
        if (held) {
            event.preventDefault();
            drawing.setPointerCapture(event.pointerId);
        }
    });
    drawing.addEventListener('pointermove', (event) => {
        if (held) {
            const { x, y } = place(event);
            held.setAttribute('transform', `translate(${x},${y})`);
        }
    });
    drawing.addEventListener('pointerup', (event) => {
        const mark = held;
        held = null;
        if (mark) {
            moved(mark.dataset.item, place(event).x);
        }
    });
    drawing.addEventListener('keydown', (event) => {
        const mark = event.target.closest('[data-item]');
        const by = { ArrowLeft: -NUDGE, ArrowRight: NUDGE }[event.key];
        if (mark && by) {
            event.preventDefault();
            moved(mark.dataset.item, Number(mark.dataset.at) + by);
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
