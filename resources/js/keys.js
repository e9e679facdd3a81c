/** Letters outside the fields, Page Up and Page Down anywhere. */
export function listenForKeys({ toggleHeight, settled, leaveFor }) {
    const sheet = document.querySelector('[data-keys]');
    const bench = document.querySelector('[data-bench]');
    const go = (address) => address && leaveFor(address);
    const letters = {
        '?': () => sheet.showModal(),
        g: () => go('/'),
        l: () => go('/log'),
        n: () => go('/jobs/new'),
        m: toggleHeight,
        k: () => document.querySelector('[data-pad-toggle]')?.click(),
    };

    document.querySelector('[data-keys-open]')?.addEventListener('click', () => sheet.showModal());
    document.addEventListener('keydown', (event) => {
        if (event.ctrlKey || event.altKey || event.metaKey || sheet.open) {
            return;
        }
        if (bench && (event.key === 'PageDown' || event.key === 'PageUp')) {
            event.preventDefault();
            const address = event.key === 'PageDown' ? bench.dataset.next : bench.dataset.before;
            settled().then(() => go(address));
            return;
        }
        const typing = event.target.matches('input:not([type="checkbox"]), select, textarea');
        if (typing && event.key === 'Escape') {
            event.target.blur();
        } else if (!typing && letters[event.key]) {
            event.preventDefault();
            letters[event.key]();
        }
    });
}
