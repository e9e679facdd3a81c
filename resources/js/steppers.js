/**
 * The setting as steppers: a press moves to the next step that the page holds, and the server says what it would do.
 * Nothing is on the rig until the hook-up is recorded.
 */
export function wireSteppers(form, changed) {
    const selects = [...form.querySelectorAll('select')];
    let isTried = form.hasAttribute('data-is-tried');

    const moved = (adjuster = '') => {
        selects.forEach(holdEnds);
        changed(adjuster);
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
                moved(select.dataset.adjuster);
            });
        }
    }
    form.addEventListener('change', (event) => {
        isTried = true;
        moved(event.target.dataset.adjuster);
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
        /** Puts one adjuster to a step that the page holds; says whether it stood elsewhere. */
        turn(adjuster, step) {
            const select = selects.find(({ dataset }) => dataset.adjuster === adjuster);
            const wanted = [...(select?.options ?? [])].find((option) => Number(option.value) === Number(step));
            if (!wanted || wanted.index === select.selectedIndex) {
                return false;
            }
            select.selectedIndex = wanted.index;
            isTried = true;
            moved(adjuster);
            return true;
        },
        /** The steps of one adjuster next to where it stands, the nearest first. */
        around(adjuster) {
            const select = selects.find(({ dataset }) => dataset.adjuster === adjuster);
            return select ? [1, -1, 2, -2].map((by) => select.options[select.selectedIndex + by]?.value).filter((step) => step !== undefined) : [];
        },
        /** What would be asked of the server with one adjuster at another step. */
        withStep(body, adjuster, step) {
            for (const select of selects) {
                body.set(`try[${select.dataset.adjuster}]`, select.dataset.adjuster === adjuster ? step : select.value);
            }
            return body;
        },
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
