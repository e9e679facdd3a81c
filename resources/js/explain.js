/** The hand goes so far for a step, pixels. */
const APART = 14;

/**
 * A rig to take hold of: what its knobs come to is drawn and said by the server, and the frames next to the one that is shown
 * are fetched ahead, so that it follows the hand. By range, by buttons, and by dragging on the drawing alike.
 */
export function wireExplainer(root) {
    const knobs = new Map([...root.querySelectorAll('[data-knob]')].map((part) => [part.dataset.knob, part.querySelector('input')]));
    const shown = root.querySelector('[data-explainer-frame]');
    const frames = new Map();
    const asked = new Set();
    let held = null;

    const key = () => [...knobs].map(([name, input]) => `${name}=${Number(input.value)}`).join('&');
    const query = (along) => {
        const parts = new URLSearchParams([...knobs].map(([name, input]) => [`at[${name}]`, input.value]));
        parts.set('along', along);
        return parts;
    };

    const fetchAhead = async (along) => {
        const asks = `${key()} ${along}`;
        if (asked.has(asks)) {
            return;
        }
        asked.add(asks);
        try {
            const response = await fetch(`${root.dataset.frames}?${query(along)}`, { headers: { Accept: 'application/json' } });
            for (const [at, frame] of Object.entries((await response.json()).frames)) {
                frames.set(at, frame);
            }
        } catch {
            asked.delete(asks);
        }
    };

    const show = async (along) => {
        const ahead = fetchAhead(along);
        if (!frames.has(key())) {
            await ahead;
        }
        const frame = frames.get(key());
        if (frame !== undefined) {
            shown.innerHTML = frame;
            for (const [name, input] of knobs) {
                const said = shown.querySelector(`[data-knob-says="${name}"]`);
                input.setAttribute('aria-valuetext', said?.lastChild.textContent.trim() ?? input.value);
            }
        }
    };

    const turn = (name, value) => {
        const input = knobs.get(name);
        const before = input.value;
        input.value = value;
        if (input.value !== before) {
            show(name);
        }
    };

    for (const [name, input] of knobs) {
        input.addEventListener('input', () => show(name));
        for (const [button, by] of [['less', -1], ['more', 1]]) {
            const press = root.querySelector(`[data-knob="${name}"] [data-knob-${button}]`);
            press.hidden = false;
            press.addEventListener('click', () => turn(name, Number(input.value) + by * Number(input.step)));
        }
    }

    shown.addEventListener('pointerdown', (event) => {
        const hold = event.target.closest('[data-hold]');
        if (hold) {
            event.preventDefault();
            const input = knobs.get(hold.dataset.hold);
            held = { name: hold.dataset.hold, along: hold.dataset.along, x: event.clientX, y: event.clientY, from: Number(input.value), input };
            root.setPointerCapture(event.pointerId);
            fetchAhead(held.name);
        }
    });
    root.addEventListener('pointermove', (event) => {
        if (!held) {
            return;
        }
        const far = { up: held.y - event.clientY, down: event.clientY - held.y, forward: held.x - event.clientX }[held.along];
        turn(held.name, held.from + Number((far / APART).toFixed(0)) * Number(held.input.step));
    });
    for (const end of ['pointerup', 'pointercancel']) {
        root.addEventListener(end, () => { held = null; });
    }

    for (const name of knobs.keys()) {
        fetchAhead(name);
    }
}
