/**
 * Less and more beside a field, a list or a range: a press goes one step of what the field holds, never before its first or
 * after its last. A press is a change of the field.
 */
export function wireStepper(stepper) {
    const field = stepper.querySelector('select, input');
    const isList = field instanceof HTMLSelectElement;
    const presses = [[stepper.querySelector('[data-less]'), -1], [stepper.querySelector('[data-more]'), 1]];
    const first = () => (isList ? field.selectedIndex <= 0 : Number(field.value) <= Number(field.min));
    const last = () => (isList ? field.selectedIndex >= field.options.length - 1 : Number(field.value) >= Number(field.max));
    const holdEnds = () => {
        presses[0][0].disabled = first();
        presses[1][0].disabled = last();
    };
    const changed = () => ['input', 'change'].forEach((kind) => field.dispatchEvent(new Event(kind, { bubbles: true })));

    for (const [press, by] of presses) {
        press.hidden = false;
        press.addEventListener('click', () => {
            if (isList) {
                field.selectedIndex += by;
            } else {
                field.stepUp(by);
            }
            changed();
        });
    }
    field.addEventListener('input', holdEnds);
    field.addEventListener('change', holdEnds);
    holdEnds();

    return {
        field,
        /** Puts the field to a value that it holds, without a word to anybody; says whether it stood elsewhere. */
        put(value) {
            const before = field.value;
            if (isList) {
                field.selectedIndex = [...field.options].find((option) => Number(option.value) === Number(value))?.index ?? field.selectedIndex;
            } else {
                field.value = value;
            }
            holdEnds();
            return field.value !== before;
        },
        /** The values of a list next to where it stands, the nearest first. */
        around: () => [1, -1, 2, -2].map((by) => field.options[field.selectedIndex + by]?.value).filter((value) => value !== undefined),
    };
}
