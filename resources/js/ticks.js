/** Steps ticked off stay ticked on this phone until they are started over. */
export function wireSteps(form) {
    const name = `yoke.steps.${form.dataset.ownerSteps}`;
    const boxes = [...form.querySelectorAll('input')].filter(({ type }) => type === 'checkbox' || type === 'radio');
    const steps = new Set(boxes.map((box) => (box.type === 'radio' ? box.name : box.value)));
    const done = form.querySelector('[data-steps-done]');
    const count = () => {
        done.textContent = done.dataset.says.replace(':done', boxes.filter((box) => box.checked).length).replace(':all', steps.size);
    };
    const marked = (box) => `${box.type === 'radio' ? box.name : ''}${box.value}`;
    const ticked = JSON.parse(localStorage.getItem(name) ?? '[]');
    boxes.forEach((box) => {
        box.checked ||= ticked.includes(marked(box));
    });
    form.addEventListener('change', () => {
        localStorage.setItem(name, JSON.stringify(boxes.filter((box) => box.checked).map(marked)));
        count();
    });
    form.addEventListener('reset', () => {
        localStorage.removeItem(name);
        setTimeout(count);
    });
    count();
    // Saved, they stand in the shop.
    form.addEventListener('submit', () => localStorage.removeItem(name));
}
