import { text } from './texts.js';

const LOOK_AGAIN = 350;
const LOOKS = 30;

/** A "read" button looks at a device until its display stands still, then fills the fields that it tells. */
export function wireDevices(root) {
    for (const button of root.querySelectorAll('[data-read-device]')) {
        const says = root.querySelector('[data-device-says]');
        button.hidden = false;
        button.addEventListener('click', async () => {
            button.disabled = true;
            try {
                says.dataset.tone = 'note';
                says.textContent = text('reading');
                const answer = await steady(button, says);
                says.dataset.tone = answer.state === 'trouble' ? 'stop' : 'note';
                says.textContent = answer.says;
                for (const [id, value] of Object.entries(answer.fields)) {
                    fill(document.getElementById(id), value);
                }
            } catch (trouble) {
                says.dataset.tone = 'stop';
                says.textContent = trouble.message;
            }
            button.disabled = false;
        });
    }
}

async function steady(button, says) {
    const stance = button.dataset.stance ?? document.getElementById('stance').value;
    for (let look = 0; look < LOOKS; look++) {
        const response = await fetch(`${button.dataset.readDevice}?stance=${stance}`, { headers: { Accept: 'application/json' } }).catch(() => null);
        if (!response?.ok) {
            throw new Error(text('device_silent'));
        }
        const answer = await response.json();
        if (answer.state !== 'moving') {
            return answer;
        }
        says.textContent = answer.says;
        await new Promise((resolve) => setTimeout(resolve, LOOK_AGAIN));
    }
    throw new Error(text('device_moving'));
}

function fill(field, value) {
    if (field) {
        field.value = value;
        field.dispatchEvent(new Event('input', { bubbles: true }));
        field.dispatchEvent(new Event('change', { bubbles: true }));
    }
}
