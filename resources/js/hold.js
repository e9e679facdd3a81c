/** Where a step has no place of its own on the drawing, the hand goes so far for one, pixels. */
const APART = 16;

/**
 * Takes hold of the hitch on its close-up: the chain, the washers or the head are dragged to another step, and the rig follows.
 * Nothing is on the rig until the hook-up is recorded: letting go asks which of both is meant.
 */
export function wireHolding(steppers, { isTaken, settled }) {
    let held = null;

    const marksOf = (adjuster) => [...document.querySelectorAll(`.close-up [data-mark="${adjuster}"]`)];

    document.addEventListener('pointerdown', (event) => {
        const mark = event.target.closest('.close-up .mark-held');
        if (mark && document.querySelector('[data-setting]')) {
            event.preventDefault();
            held = { adjuster: mark.dataset.mark, from: Number(mark.dataset.step), y: event.clientY, isMoved: false };
            isTaken(held.adjuster);
        }
    });

    document.addEventListener('pointermove', (event) => {
        if (!held) {
            return;
        }
        const marks = marksOf(held.adjuster);
        const step = marks.length > 1 ? nearest(marks, event) : counted(event);
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
    const nearest = (marks, event) => {
        const svg = marks[0].ownerSVGElement;
        const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());
        const apart = ({ dataset }) => (Number(dataset.x) - x) ** 2 + (Number(dataset.y) - y) ** 2;
        return Number(marks.reduce((one, other) => (apart(other) < apart(one) ? other : one)).dataset.step);
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
