import { text } from './texts.js';

const PATIENCE = 8000;

/** The server could not be asked: whoever hears it keeps what was to be sent. */
export class NoAnswer extends Error {}

/** The server heard it and will not do it, now or later. */
export class Refusal extends Error {}

/** Sends a form and returns the server's answer; every failure is an Error with a sentence for the person. */
export async function post(url, body, headers = {}) {
    let response;
    try {
        response = await fetch(url, {
            method: 'POST',
            body,
            keepalive: true,
            headers: { Accept: 'application/json', 'X-Requested-With': 'XMLHttpRequest', ...headers },
            signal: AbortSignal.timeout(PATIENCE),
        });
    } catch {
        throw new NoAnswer(text('no_answer'));
    }
    if (response.ok) {
        return response.json();
    }
    if (response.status === 401 || response.status === 419) {
        throw new Error(text('signed_out'));
    }
    const answer = await response.json().catch(() => ({}));
    if (response.status >= 400 && response.status < 500 && response.status !== 429) {
        throw new Refusal(text('refused'));
    }
    if (response.status === 503 && answer.message) {
        throw new Error(answer.message);
    }
    // The server broke down over it, which may pass.
    throw new Error(text('failed'));
}
