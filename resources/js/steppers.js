/**
 * The setting as steppers: a press moves to the next step that the page holds, and the server says what it would do.
 * Nothing is on the rig until the hook-up is recorded.
 */
export function wireSteppers(form, changed) {
    const selects = [...form.querySelectorAll('select')];
    let isTried = form.hasAttribute('data-is-tried');

    const moved = () => {
        selects.forEach(holdEnds);
        changed();
    };
    const put = (steps) => {
        for (const select of selects) {
            const wanted = [...select.options].find((option) => Number(option.value) === Number(steps[select.dataset.adjuster]));
            if (wanted) {
                select.selectedIndex = wanted.index;
            }
        }
    };

    for (const select of selects) {
        const stepper = select.closest('[data-stepper]');
        for (const [button, by] of [[stepper.querySelector('[data-less]'), -1], [stepper.querySelector('[data-more]'), 1]]) {
            button.hidden = false;
            button.addEventListener('click', () => {
                select.selectedIndex += by;
                isTried = true;
                moved();
            });
        }
    }
    form.addEventListener('change', () => {
        isTried = true;
        moved();
    });
    document.addEventListener('click', (event) => {
        const trying = event.target.closest('[data-try]');
        const undoing = event.target.closest('[data-try-undo]');
        if (trying || undoing) {
            event.preventDefault();
            isTried = Boolean(trying);
            put(trying ? JSON.parse(trying.dataset.try) : Object.fromEntries(selects.map(({ dataset }) => [dataset.adjuster, dataset.on])));
            moved();
        }
    });
    selects.forEach(holdEnds);

    return {
        isTrying: () => isTried,
        /** Adds what is tried to what is asked of the server. */
        addTo(body) {
            for (const select of isTried ? selects : []) {
                body.set(`try[${select.dataset.adjuster}]`, select.value);
            }
            return body;
        },
    };
}

/** No step before the first or after the last. */
function holdEnds(select) {
    const stepper = select.closest('[data-stepper]');
    stepper.querySelector('[data-less]').disabled = select.selectedIndex <= 0;
    stepper.querySelector('[data-more]').disabled = select.selectedIndex >= select.options.length - 1;
}
