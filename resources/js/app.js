import { wireDay } from './day.js';
import { wireDevices } from './devices.js';
import { wireExplainer } from './explain.js';
import { wireFinder } from './finder.js';
import { listenForKeys } from './keys.js';
import { wireLoads } from './loads.js';
import { keepPages } from './offline/keep.js';
import { wireOwner } from './owner.js';
import { wirePad } from './pad.js';
import { wireParts } from './parts.js';
import { wirePractice } from './practice.js';
import { wireSheet } from './sheet.js';
import { wireTape } from './tape.js';
import { wireSteps } from './ticks.js';
import { leaveFor, wireWaiting } from './waiting.js';

const tape = document.querySelector('[data-tape]');
const bench = tape ? wireTape(tape) : null;
const pad = document.querySelector('[data-pad]');
if (pad && tape) {
    wirePad(pad, tape);
}
const sheet = document.querySelector('[data-sheet]');
if (sheet) {
    wireSheet(sheet);
}
document.querySelectorAll('[data-finder]').forEach(wireFinder);
wireDevices(document);
wireMenu(document.querySelector('[data-menu]'));
wireWaiting(document);
if (document.querySelector('[data-practice]')) {
    wirePractice(document);
}
const explainer = document.querySelector('[data-explainer]');
if (explainer) {
    wireExplainer(explainer);
}
document.querySelectorAll('[data-parts]').forEach(wireParts);
const loads = document.querySelector('[data-loads]');
if (loads) {
    wireLoads(loads);
}
document.querySelectorAll('[data-owner-steps]').forEach(wireSteps);
keepPages(document);
if (document.body.dataset.owner) {
    wireOwner(document);
}
const day = document.querySelector('[data-day]');
if (day) {
    wireDay(day);
}
listenForKeys({
    leaveFor,
    toggleHeight: () => document.querySelector('[data-magnify]')?.click(),
    settled: () => bench?.settled() ?? Promise.resolve(),
});

document.addEventListener('click', (event) => {
    const link = event.target.closest('[data-magnify]');
    if (link && bench) {
        event.preventDefault();
        bench.magnify(new URL(link.href).searchParams.get('height'));
    }
});

/** On a narrow screen the preferences fold away behind a button. */
function wireMenu(button) {
    if (button) {
        button.hidden = false;
        button.addEventListener('click', () => button.setAttribute('aria-expanded', String(button.getAttribute('aria-expanded') === 'false')));
    }
}

document.querySelector('[data-print]')?.addEventListener('click', () => window.print());
document.querySelector('.setting-map .is-best')?.scrollIntoView({ block: 'center', inline: 'nearest' });
window.scrollTo(0, 0);
document.querySelector('[data-preferences]')?.addEventListener('change', (event) => event.currentTarget.requestSubmit());
