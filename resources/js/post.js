const PATIENCE = 8000;

/** The server could not be asked: whoever hears it keeps what was to be sent. */
export class NoAnswer extends Error {}

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
        throw new NoAnswer('No answer from the server. What you typed is kept here; save again when it is back.');
    }
    if (response.ok) {
        return response.json();
    }
    if (response.status === 401 || response.status === 419) {
        throw new Error('Your sign-in has ended. What you typed is kept; reload the page and sign in again.');
    }
    const answer = await response.json().catch(() => ({}));
    throw new Error(response.status === 503 && answer.message ? answer.message : 'The server could not do this. What you typed is kept here.');
}
