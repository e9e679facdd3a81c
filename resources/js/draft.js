/** Keeps what is typed and not saved yet in the browser, so that a reload loses nothing. */
export function keepDraft(name, inputs) {
    const read = () => JSON.parse(sessionStorage.getItem(name) ?? '{}');
    const write = (drafts) => sessionStorage.setItem(name, JSON.stringify(drafts));
    const value = (field) => inputs.find((input) => input.dataset.field === field).value;

    return {
        keep(field) {
            write({ ...read(), [field]: value(field) });
        },
        /** Unless something else was typed since. */
        forget(field, sent) {
            const { [field]: gone, ...rest } = read();
            if (gone === sent) {
                write(rest);
            }
        },
        restore(whenRestored) {
            const drafts = read();
            const restored = inputs.filter((input) => (drafts[input.dataset.field] ?? input.value) !== input.value);
            for (const input of restored) {
                input.value = drafts[input.dataset.field];
            }
            if (restored.length > 0) {
                whenRestored();
            }
        },
    };
}
