/**
 * Keeps what is typed in the browser until a page shows it, so that a reload loses nothing: neither what is not saved yet,
 * nor what was saved while the page was being fetched.
 *
 * @param basisOf of a field, the reading that the page was drawn with, as an input
 */
export function keepDraft(name, inputs, basisOf) {
    const read = () => JSON.parse(sessionStorage.getItem(name) ?? '{}');
    const write = (drafts) => sessionStorage.setItem(name, JSON.stringify(drafts));
    const inputOf = (field) => inputs.find((input) => input.dataset.field === field);
    const isShown = (field, { savedAs }) => savedAs !== null && savedAs <= Number(basisOf(field).value);

    return {
        keep(field) {
            write({ ...read(), [field]: { typed: inputOf(field).value, savedAs: null } });
        },
        /** Unless something else was typed since. */
        saved(field, typed, savedAs) {
            const drafts = read();
            if (drafts[field]?.typed === typed) {
                write({ ...drafts, [field]: { typed, savedAs } });
            }
        },
        restore(whenRestored) {
            const drafts = Object.entries(read()).filter(([field, draft]) => inputOf(field) && !isShown(field, draft));
            write(Object.fromEntries(drafts));
            for (const [field, { typed, savedAs }] of drafts) {
                inputOf(field).value = typed;
                basisOf(field).value = savedAs ?? basisOf(field).value;
            }
            if (drafts.length > 0) {
                whenRestored();
            }
        },
    };
}
