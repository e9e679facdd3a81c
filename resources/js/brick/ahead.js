/**
 * Answers to questions that are likely to be asked next, fetched one after the other while nothing else is asked.
 *
 * @param ask    asks a question: resolves to its answers, each under a key
 * @param nameOf the same for the same question
 * @param fresh  for so many milliseconds an answer holds
 */
export function lookAhead({ ask, nameOf = String, fresh = Infinity }) {
    const answers = new Map();
    const asked = new Map();
    let turn = 0;
    let era = 0;

    const holds = (kept) => kept !== undefined && performance.now() - kept.at < fresh;
    const known = (key) => (holds(answers.get(key)) ? answers.get(key).answer : null);
    const answered = (question) => {
        const name = nameOf(question);
        if (!holds(asked.get(name))) {
            const [at, mine] = [performance.now(), era];
            // What was asked before something was saved is no answer after it.
            const learned = ask(question).then((found) => found.forEach(([key, answer]) => era === mine && answers.set(key, { answer, at })));
            asked.set(name, { at, learned });
            learned.catch(() => asked.delete(name));
        }
        return asked.get(name).learned;
    };

    return {
        /** The answer under a key; null where it is not here. */
        known,
        /** Resolves when a question is answered: at once where it was before. Rejects where nobody answers. */
        answered,
        /** @param questions tells what is likely to be asked, once there is time to ask; what was being asked before is left */
        async fetch(questions) {
            const mine = ++turn;
            delete document.body.dataset.foreseen;
            await new Promise((resolve) => { setTimeout(resolve); });
            for (const question of questions()) {
                if (mine !== turn || !(await answered(question).then(() => true, () => false))) {
                    return;
                }
            }
            // All of it is here: the next step is shown at once.
            document.body.dataset.foreseen = 'yes';
        },
        forget() {
            turn++;
            era++;
            answers.clear();
            asked.clear();
        },
    };
}
