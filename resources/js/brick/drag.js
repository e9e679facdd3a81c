/**
 * Something is taken hold of with a pointer inside an element, moved, and let go of.
 *
 * @param takes what the hand holds where it went down, an object; null where there is nothing to take
 * @param moves hears of every move, with what is held
 * @param drops hears of the end
 * @param cancels of an end that the hand did not mean; the same unless told
 */
export function wireDrag(root, { takes, moves, drops = () => {}, cancels = drops }) {
    let held = null;
    root.addEventListener('pointerdown', (event) => {
        held = takes(event);
        if (held) {
            event.preventDefault();
            root.setPointerCapture(event.pointerId);
        }
    });
    root.addEventListener('pointermove', (event) => {
        if (held) {
            moves(held, event);
        }
    });
    for (const [end, ended] of [['pointerup', drops], ['pointercancel', cancels]]) {
        root.addEventListener(end, (event) => {
            const was = held;
            held = null;
            if (was) {
                ended(was, event);
            }
        });
    }
}
