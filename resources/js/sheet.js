import { isTypedIn, previewOf } from './preview.js';

const TYPING_PAUSE = 220;

/** A part's sheet, live: the rig is drawn and planned again as one types; saving is the form's own button. */
export function wireSheet(form) {
    const status = form.querySelector('[data-saved-at]');
    let pause;
    const ask = previewOf(form, status, say);
    const preview = () => ask(new FormData(form));

    form.addEventListener('input', () => {
        clearTimeout(pause);
        pause = setTimeout(preview, TYPING_PAUSE);
    });
    form.addEventListener('submit', () => clearTimeout(pause));
    // Whoever typed before this was here is answered, too.
    if (isTypedIn(form)) {
        preview();
    }
}

function say(form, problems) {
    for (const input of form.querySelectorAll('input[id], select[id]')) {
        const line = document.getElementById(`${input.id}-says`);
        const problem = problems[input.id];
        input.setAttribute('aria-invalid', problem ? 'true' : 'false');
        if (line) {
            line.dataset.hint ??= line.dataset.tone === 'stop' ? '' : line.textContent;
            line.dataset.tone = problem ? 'stop' : 'plain';
            line.textContent = problem ?? line.dataset.hint;
        }
    }
}
