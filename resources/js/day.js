import { wireDrag } from './brick/drag.js';

/** Jobs on the line of a day are dragged to another cell, or moved there with the arrow keys; the server is told the cell. */
export function wireDay(line) {
    const cells = [...line.querySelectorAll('.cell')];
    const bays = [...new Set(cells.map((cell) => cell.dataset.bay))];
    const at = (time, bay) => cells.find((cell) => cell.dataset.at === time && cell.dataset.bay === bay);
    const put = (slot, cell) => {
        const form = document.querySelector(`[data-slot="${slot.dataset.job}"]`);
        if (!form || !cell) {
            return;
        }
        form.elements.at.value = cell.dataset.at;
        form.elements.bay.value = cell.dataset.bay;
        sessionStorage.setItem('yoke.day.moved', slot.dataset.job);
        form.requestSubmit();
    };
    line.querySelectorAll('.slot').forEach((slot) => {
        slot.addEventListener('keydown', (event) => {
            const row = cells.filter((cell) => cell.dataset.bay === slot.dataset.bay);
            const here = row.findIndex((cell) => cell.dataset.at >= slot.dataset.at);
            const bay = bays.indexOf(slot.dataset.bay);
            const to = {
                ArrowLeft: row[here - 1],
                ArrowRight: row[here + 1],
                ArrowUp: at(slot.dataset.at, bays[bay - 1]),
                ArrowDown: at(slot.dataset.at, bays[bay + 1]),
            }[event.key];
            if (to) {
                event.preventDefault();
                put(slot, to);
            } else if (event.key === 'Enter') {
                document.getElementById(`at-${slot.dataset.job}`)?.focus();
            }
        });
    });
    const under = ({ clientX, clientY }) => document.elementsFromPoint(clientX, clientY).find((found) => found.classList.contains('cell'));
    const letGo = ({ slot, over }) => {
        slot.classList.remove('is-held');
        over?.classList.remove('is-over');
    };
    wireDrag(line, {
        takes: (event) => {
            const slot = event.target.closest('.slot');
            return slot ? { slot, over: null } : null;
        },
        moves: (held, event) => {
            held.over?.classList.remove('is-over');
            held.over = under(event);
            held.over?.classList.add('is-over');
            held.slot.classList.add('is-held');
        },
        drops: (held) => {
            letGo(held);
            const { slot, over } = held;
            if (over && (over.dataset.at !== slot.dataset.at || over.dataset.bay !== slot.dataset.bay)) {
                put(slot, over);
            }
        },
        cancels: letGo,
    });
    const moved = sessionStorage.getItem('yoke.day.moved');
    if (moved) {
        sessionStorage.removeItem('yoke.day.moved');
        line.querySelector(`[data-job="${moved}"]`)?.focus();
    }
}
