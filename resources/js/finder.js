const PAUSE = 140;

/**
 * A part of the garage by a few letters: the server finds, the person picks. What is typed and not picked is a new part's
 * name. Without an answer the field is a plain name.
 */
export function wireFinder(finder) {
    const input = finder.querySelector('[role="combobox"]');
    const chosen = finder.querySelector('[data-chosen]');
    const list = finder.querySelector('[role="listbox"]');
    const says = finder.querySelector('[data-finder-says]');
    const hint = says.textContent;
    let asked = 0;
    let pause;

    const close = () => {
        list.hidden = true;
        input.setAttribute('aria-expanded', 'false');
        input.removeAttribute('aria-activedescendant');
    };
    const tell = (text) => {
        says.removeAttribute('data-tone');
        says.textContent = text;
    };
    const pick = (option) => {
        input.value = option.dataset.name;
        chosen.setAttribute('value', option.dataset.id);
        tell(option.dataset.says);
        close();
    };
    const show = (found) => {
        list.replaceChildren(...found.map((part, place) => {
            const option = document.createElement('li');
            option.id = `${list.id}-${place}`;
            option.setAttribute('role', 'option');
            Object.assign(option.dataset, { id: part.id, name: part.name, says: part.says });
            const name = document.createElement('b');
            name.textContent = part.name;
            const what = document.createElement('span');
            what.textContent = part.says;
            option.append(name, what);
            return option;
        }));
        list.hidden = found.length === 0;
        input.setAttribute('aria-expanded', String(found.length > 0));
        input.removeAttribute('aria-activedescendant');
        if (chosen.value === '') {
            tell(found.length === 0 && input.value.trim() !== '' ? finder.dataset.none : hint);
        }
    };
    const find = async () => {
        const turn = ++asked;
        try {
            const answer = await fetch(`${finder.dataset.finder}?${new URLSearchParams({ like: input.value })}`, { headers: { Accept: 'application/json' } });
            const { found } = answer.ok ? await answer.json() : { found: [] };
            if (turn === asked && document.activeElement === input) {
                show(found);
            }
        } catch {
            close();
        }
    };
    const move = (by) => {
        const options = [...list.children];
        const at = options.findIndex((option) => option.id === input.getAttribute('aria-activedescendant'));
        const next = options[(at + by + options.length) % options.length];
        options.forEach((option) => option.setAttribute('aria-selected', String(option === next)));
        input.setAttribute('aria-activedescendant', next.id);
        next.scrollIntoView({ block: 'nearest' });
    };

    input.addEventListener('input', () => {
        chosen.setAttribute('value', '');
        clearTimeout(pause);
        pause = setTimeout(find, PAUSE);
    });
    input.addEventListener('focus', find);
    input.addEventListener('blur', close);
    input.addEventListener('keydown', (event) => {
        const active = document.getElementById(input.getAttribute('aria-activedescendant') ?? '');
        if (event.key === 'ArrowDown' && list.hidden) {
            find();
        } else if ((event.key === 'ArrowDown' || event.key === 'ArrowUp') && !list.hidden) {
            event.preventDefault();
            move(event.key === 'ArrowDown' ? 1 : -1);
        } else if (event.key === 'Enter' && active) {
            event.preventDefault();
            pick(active);
        } else if (event.key === 'Escape') {
            close();
        }
    });
    list.addEventListener('pointerdown', (event) => event.preventDefault());
    list.addEventListener('click', (event) => {
        const option = event.target.closest('[role="option"]');
        if (option) {
            pick(option);
        }
    });
    // Whoever types before this is here is not kept waiting.
    if (input.value !== '' && document.activeElement === input) {
        input.dispatchEvent(new Event('input'));
    }
}
