/**
 * Readings that a helper calls: each is shown back large and, where the person wants it and the device has a voice, read
 * back; after a pause of the person's choosing the next field is taken. What a text means is the server's to say.
 */
export function wireCalling(form, inputs) {
    const pause = Number(form.dataset.pause);
    const voices = () => (form.hasAttribute('data-aloud') && 'speechSynthesis' in window ? speechSynthesis.getVoices() : []);
    let typedIn = null;
    let waiting;

    const moveOn = (input) => {
        const next = inputs[inputs.indexOf(input) + 1];
        if (next) {
            next.focus();
            next.select();
        } else {
            input.blur();
        }
    };

    form.addEventListener('input', (event) => {
        clearTimeout(waiting);
        typedIn = inputs.includes(event.target) ? event.target : typedIn;
    });

    return {
        /** The server's answer: what reads is shown back and goes on after the pause; what does not read, or was typed on since, waits. */
        heard(fields, typed) {
            for (const [field, says] of Object.entries(fields)) {
                const back = form.querySelector(`[data-back="${field}"]`);
                if (back) {
                    back.textContent = says.back;
                }
            }
            const input = typedIn;
            const says = input ? fields[input.dataset.field] : null;
            if (!says?.back || document.activeElement !== input || typed.get(input.dataset.field) !== input.value) {
                return;
            }
            clearTimeout(waiting);
            if (pause > 0) {
                waiting = setTimeout(() => {
                    typedIn = null;
                    say(says.aloud);
                    moveOn(input);
                }, pause);
            }
        },
    };

    function say(text) {
        if (text && voices().length > 0) {
            speechSynthesis.cancel();
            speechSynthesis.speak(new SpeechSynthesisUtterance(text));
        }
    }
}
