import { wireDrag } from './brick/drag.js';

/** Where a step has no place of its own on the drawing, the hand goes so far for one, pixels. */
const APART = 16;

/**
 * Takes hold of the hitch on its close-up: the chain, the washers or the head are dragged to another step, and the rig follows.
 * Nothing is on the rig until the hook-up is recorded: letting go asks which of both is meant.
 */
export function wireHolding(setting, { isTaken, settled }) {
    /** Where the steps stood when the hand took hold: the drawing moves under it as it follows. */
    const placesOf = (adjuster) => [...document.querySelectorAll(`.close-up [data-mark="${adjuster}"]`)]
        .map(({ dataset }) => ({ step: Number(dataset.step), x: Number(dataset.x), y: Number(dataset.y) }));

    const take = (mark, { clientY }) => ({
        adjuster: mark.dataset.mark,
        from: Number(mark.dataset.step),
        y: clientY,
        places: placesOf(mark.dataset.mark),
        onScreen: mark.ownerSVGElement.getScreenCTM().inverse(),
        isMoved: false,
    });

    wireDrag(document.documentElement, {
        takes: (event) => {
            const mark = event.target.closest('.close-up .mark-held');
            if (!mark || !document.querySelector('[data-setting]')) {
                return null;
            }
            isTaken(mark.dataset.mark);
            return take(mark, event);
        },
        moves: (held, event) => {
            const step = held.places.length > 1 ? nearest(held, event) : counted(held, event);
            held.isMoved = setting.turn(held.adjuster, step) || held.isMoved;
        },
        drops: async ({ isMoved }) => {
            if (isMoved) {
                await settled();
                ask();
            }
        },
    });

    const ask = () => {
        const asks = document.querySelector('[data-tried-asks]');
        if (asks) {
            asks.hidden = false;
            asks.querySelector('[data-try-only]').focus();
        }
    };

    document.addEventListener('click', (event) => {
        if (event.target.closest('[data-try-only]')) {
            event.target.closest('[data-tried-asks]').hidden = true;
        }
    });
}

/** The step whose number stands nearest to the pointer. */
function nearest({ places, onScreen }, { clientX, clientY }) {
    const { x, y } = new DOMPoint(clientX, clientY).matrixTransform(onScreen);
    const apart = (place) => (place.x - x) ** 2 + (place.y - y) ** 2;
    return places.reduce((one, other) => (apart(other) < apart(one) ? other : one)).step;
}

function counted({ from, y }, { clientY }) {
    return from + Number(((y - clientY) / APART).toFixed(0));
}
