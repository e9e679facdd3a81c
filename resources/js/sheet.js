import { post } from './post.js';

const TYPING_PAUSE = 220;

/** A part's sheet, live: the rig is drawn and planned again as one types; saving is the form's own button. */
export function wireSheet(form) {
    const status = form.querySelector('[data-saved-at]');
    let pause;
    let asked = 0;

    const preview = async () => {
        const turn = ++asked;
        try {
            const answer = await post(form.dataset.preview, new FormData(form));
            if (turn !== asked) {
                return;
            }
            for (const [part, html] of Object.entries(answer.parts)) {
                document.querySelector(`[data-part="${part}"]`).innerHTML = html;
            }
            say(form, answer.problems);
            status.textContent = 'Not saved yet';
        } catch (trouble) {
            status.textContent = trouble.message;
        }
    };

    form.addEventListener('input', () => {
        clearTimeout(pause);
        pause = setTimeout(preview, TYPING_PAUSE);
    });
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
