import { swapContent } from './brick/swap.js';
import { post } from './post.js';
import { text } from './texts.js';

/** Shows what a form would come to, as the server says it; the latest question counts, whatever order answers come in. */
export function previewOf(form, status, say) {
    let asked = 0;

    return async (body) => {
        const turn = ++asked;
        try {
            const answer = await post(form.dataset.preview, body);
            if (turn !== asked) {
                return;
            }
            for (const [part, html] of Object.entries(answer.parts)) {
                swapContent(document.querySelector(`[data-part="${part}"]`), html);
            }
            say(form, answer.problems);
            status.textContent = text('not_saved');
        } catch (trouble) {
            status.textContent = trouble.message;
        }
    };
}

/** Whether a form holds something else than what its page came with. */
export function isTypedIn(form) {
    return [...form.elements].some((field) => 'defaultValue' in field && field.type !== 'hidden' && field.value !== field.defaultValue);
}
