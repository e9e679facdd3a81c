const REMEMBERED = 'pad-open';

/** The pad of digits and sixteenths for gloved fingers: types into the field last touched. Open from the start on a touch screen. */
export function wirePad(pad, form) {
    const inputs = [...form.querySelectorAll('[data-field]')];
    const toggle = document.querySelector('[data-pad-toggle]');
    const keyboard = inputs[0].inputMode;
    const steps = form.querySelector('[data-how]');
    let target = inputs[0];

    const open = (wanted) => {
        pad.hidden = !wanted;
        toggle.setAttribute('aria-expanded', String(wanted));
        if (wanted && steps && matchMedia('(height < 900px)').matches) {
            steps.open = false;
        }
        for (const input of inputs) {
            input.inputMode = wanted ? 'none' : keyboard;
        }
    };

    form.addEventListener('focusin', (event) => {
        if (inputs.includes(event.target)) {
            target = event.target;
        }
    });

    pad.addEventListener('pointerdown', (event) => event.preventDefault());
    pad.addEventListener('click', (event) => {
        const key = event.target.closest('[data-key]')?.dataset.key;
        if (key && !target.readOnly) {
            target.value = press(target.value, key);
            target.focus();
            target.dispatchEvent(new Event('input', { bubbles: true }));
        }
    });

    toggle.addEventListener('click', () => {
        localStorage.setItem(REMEMBERED, pad.hidden ? 'yes' : 'no');
        open(pad.hidden);
    });
    open((localStorage.getItem(REMEMBERED) ?? (matchMedia('(pointer: coarse)').matches ? 'yes' : 'no')) === 'yes');
}

/** The text after a key of the pad: a fraction takes the place of the fraction that is there. */
export function press(text, key) {
    if (key === 'clear') {
        return '';
    }
    if (key === 'back') {
        return text.replace(/(\s*\d+\/\d+|\s*[a-z]+|.)$/u, '');
    }
    if (key.includes('/')) {
        const whole = text.replace(/\s*\d*\/?\d*$/u, (fraction) => (fraction.includes('/') ? '' : fraction)).trim();
        return whole === '' ? key : `${whole} ${key}`;
    }
    return text + key;
}
