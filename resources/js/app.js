import { listenForKeys } from './keys.js';
import { keepPages } from './offline/keep.js';
import { wirePad } from './pad.js';
import { wireTape } from './tape.js';
import { leaveFor, wireWaiting } from './waiting.js';

const tape = document.querySelector('[data-tape]');
const bench = tape ? wireTape(tape) : null;
const pad = document.querySelector('[data-pad]');
if (pad && tape) {
    wirePad(pad, tape);
}
wireMenu(document.querySelector('[data-menu]'));
wireWaiting(document);
// What one page alone needs comes with that page.
onPage('[data-practice]', () => import('./practice.js'), ({ wirePractice }) => wirePractice(document));
onPage('[data-explainer]', () => import('./explain.js'), ({ wireExplainer }, found) => wireExplainer(found));
onPage('[data-parts]', () => import('./parts.js'), ({ wireParts }, found) => wireParts(found));
onPage('[data-loads]', () => import('./loads.js'), ({ wireLoads }, found) => wireLoads(found));
onPage('[data-sheet]', () => import('./sheet.js'), ({ wireSheet }, found) => wireSheet(found));
onPage('[data-read-device]', () => import('./devices.js'), ({ wireDevices }) => wireDevices(document));
onPage('[data-finder]', () => import('./finder.js'), ({ wireFinder }) => document.querySelectorAll('[data-finder]').forEach(wireFinder));
onPage('[data-day]', () => import('./day.js'), ({ wireDay }, found) => wireDay(found));
onPage('[data-owner-steps]', () => import('./ticks.js'), ({ wireSteps }) => document.querySelectorAll('[data-owner-steps]').forEach(wireSteps));
keepPages(document);
onPage('[data-owner]', () => import('./owner.js'), ({ wireOwner }) => wireOwner(document));
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

function onPage(mark, load, wire) {
    const found = document.querySelector(mark);
    if (found) {
        load().then((module) => wire(module, found));
    }
}

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
