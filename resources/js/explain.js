import { lookAhead } from './brick/ahead.js';
import { wireDrag } from './brick/drag.js';
import { wireStepper } from './brick/stepper.js';
import { swapContent } from './brick/swap.js';

/** The hand goes so far for a step, pixels. */
const APART = 14;

/**
 * A rig to take hold of: what its knobs come to is drawn and said by the server, and the frames next to the one that is shown
 * are fetched ahead, so that it follows the hand. By range, by buttons, and by dragging on the drawing alike.
 */
export function wireExplainer(root) {
    const knobs = new Map([...root.querySelectorAll('[data-knob]')].map((part) => [part.dataset.knob, wireStepper(part)]));
    const shown = root.querySelector('[data-explainer-frame]');
    const frames = lookAhead({ ask: async (row) => Object.entries((await asked(`${root.dataset.frames}?${row}`)).frames) });

    const key = () => [...knobs].map(([name, { field }]) => `${name}=${Number(field.value)}`).join('&');
    /** The frames that one knob passes through, the others staying where they are. */
    const rowAlong = (name) => {
        const row = new URLSearchParams([...knobs].map(([other, { field }]) => [`at[${other}]`, field.value]));
        row.set('along', name);
        return row;
    };

    const show = async (name) => {
        const row = frames.answered(rowAlong(name)).catch(() => {});
        if (frames.known(key()) === null) {
            await row;
        }
        const frame = frames.known(key());
        if (frame !== null) {
            swapContent(shown, frame);
            for (const [knob, { field }] of knobs) {
                const said = shown.querySelector(`[data-knob-says="${knob}"]`);
                field.setAttribute('aria-valuetext', said?.lastChild.textContent.trim() ?? field.value);
            }
        }
    };

    for (const [name, { field }] of knobs) {
        field.addEventListener('input', () => show(name));
    }
    wireDrag(root, {
        takes: (event) => {
            const hold = event.target.closest('[data-hold]');
            if (!hold) {
                return null;
            }
            const { hold: name, along } = hold.dataset;
            frames.fetch(() => [rowAlong(name)]);
            return { name, along, x: event.clientX, y: event.clientY, from: Number(knobs.get(name).field.value) };
        },
        moves: ({ name, along, x, y, from }, event) => {
            const far = { up: y - event.clientY, down: event.clientY - y, forward: x - event.clientX }[along];
            const { field, put } = knobs.get(name);
            if (put(from + Number((far / APART).toFixed(0)) * Number(field.step))) {
                show(name);
            }
        },
    });
    frames.fetch(() => [...knobs.keys()].map(rowAlong));
}

async function asked(address) {
    const response = await fetch(address, { headers: { Accept: 'application/json' } });
    return response.json();
}
