/** Where a step has no place of its own on the drawing, the hand goes so far for one, pixels. */
const APART = 16;

/**
 * Takes hold of the hitch on its close-up: the chain, the washers or the head are dragged to another step, and the rig follows.
 * Nothing is on the rig until the hook-up is recorded: letting go asks which of both is meant.
 */
export function wireHolding(steppers, { isTaken, settled }) {
    let held = null;

    /** Where the steps stood when the hand took hold: the drawing moves under it as it follows. */
    const placesOf = (adjuster) => [...document.querySelectorAll(`.close-up [data-mark="${adjuster}"]`)]
        .map(({ dataset }) => ({ step: Number(dataset.step), x: Number(dataset.x), y: Number(dataset.y) }));

    document.addEventListener('pointerdown', (event) => {
        const mark = event.target.closest('.close-up .mark-held');
        if (mark && document.querySelector('[data-setting]')) {
            event.preventDefault();
            held = { adjuster: mark.dataset.mark, from: Number(mark.dataset.step), y: event.clientY, places: placesOf(mark.dataset.mark), onScreen: mark.ownerSVGElement.getScreenCTM().inverse(), isMoved: false };
            isTaken(held.adjuster);
        }
    });

    document.addEventListener('pointermove', (event) => {
        if (!held) {
            return;
        }
        const step = held.places.length > 1 ? nearest(event) : counted(event);
        held.isMoved = (step !== null && steppers.turn(held.adjuster, step)) || held.isMoved;
    });

    for (const end of ['pointerup', 'pointercancel']) {
        document.addEventListener(end, async () => {
            const wasMoved = held?.isMoved;
            held = null;
            if (wasMoved) {
                await settled();
                ask();
            }
        });
    }

    /** The step whose number stands nearest to the pointer. */
    const nearest = (event) => {
        const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(held.onScreen);
        const apart = (place) => (place.x - x) ** 2 + (place.y - y) ** 2;
        return held.places.reduce((one, other) => (apart(other) < apart(one) ? other : one)).step;
    };

    const counted = (event) => held.from + Number(((held.y - event.clientY) / APART).toFixed(0));

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
