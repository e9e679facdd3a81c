import { wireStepper } from './brick/stepper.js';

/**
 * The setting as steppers, one an adjuster: a press moves to the next step that the page holds, and the server says what it would
 * do. Nothing is on the rig until the hook-up is recorded.
 */
export function wireSetting(form, changed) {
    const steppers = new Map([...form.querySelectorAll('[data-stepper]')].map(wireStepper).map((stepper) => [stepper.field.dataset.adjuster, stepper]));
    let isTried = form.hasAttribute('data-is-tried');

    const tried = (adjuster) => {
        isTried = true;
        changed(adjuster);
    };
    form.addEventListener('change', (event) => tried(event.target.dataset.adjuster));
    document.addEventListener('click', (event) => {
        const trying = event.target.closest('[data-try]');
        const undoing = event.target.closest('[data-try-undo]');
        if (trying || undoing) {
            event.preventDefault();
            const steps = trying ? JSON.parse(trying.dataset.try) : {};
            steppers.forEach(({ field, put }, adjuster) => put(trying ? steps[adjuster] : field.dataset.on));
            isTried = Boolean(trying);
            changed('');
        }
    });

    return {
        isTrying: () => isTried,
        /** Puts one adjuster to a step that the page holds; says whether it stood elsewhere. */
        turn(adjuster, step) {
            const isTurned = steppers.get(adjuster)?.put(step) ?? false;
            if (isTurned) {
                tried(adjuster);
            }
            return isTurned;
        },
        /** The steps of one adjuster next to where it stands, the nearest first. */
        around: (adjuster) => steppers.get(adjuster)?.around() ?? [],
        /** A question with one adjuster at another step. */
        withStep(body, adjuster, step) {
            steppers.forEach(({ field }, other) => body.set(`try[${other}]`, other === adjuster ? step : field.value));
            return body;
        },
        /** Adds what is tried to what is asked of the server. */
        addTo(body) {
            if (isTried) {
                steppers.forEach(({ field }, adjuster) => body.set(`try[${adjuster}]`, field.value));
            }
            return body;
        },
    };
}
