import { post } from './post.js';

/** Answers grow old: somebody else may have written in the job meanwhile. */
const FRESH = 20_000;

/** Answers of the server to questions that are likely to be asked next, fetched one after the other while nothing else is asked. */
export function foresight() {
    const answers = new Map();
    let turn = 0;

    const keyOf = (body) => JSON.stringify([...body].filter(([name]) => name !== '_token').sort());
    const fresh = (body) => {
        const kept = answers.get(keyOf(body));
        return kept && performance.now() - kept.at < FRESH ? kept.answer : null;
    };

    return {
        /** The answer to a question that was foreseen; null where it was not. */
        known: fresh,
        /** @param bodies tells what is likely to be asked, once there is time to ask */
        async fetch(url, bodies) {
            const mine = ++turn;
            delete document.body.dataset.foreseen;
            await new Promise((resolve) => { setTimeout(resolve); });
            for (const body of bodies()) {
                if (mine !== turn) {
                    return;
                }
                if (!fresh(body)) {
                    const answer = await post(url, body).catch(() => null);
                    if (!answer) {
                        return;
                    }
                    answers.set(keyOf(body), { answer, at: performance.now() });
                }
            }
            // All of it is here: the next step is shown at once.
            document.body.dataset.foreseen = 'yes';
        },
        forget() {
            turn++;
            answers.clear();
        },
    };
}
