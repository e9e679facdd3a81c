const texts = JSON.parse(document.getElementById('texts')?.textContent ?? '{}');

/** A text of the language files by its key, with what stands in it. */
export function text(key, parts = {}) {
    return Object.entries(parts).reduce((said, [name, part]) => said.replaceAll(`:${name}`, part), texts[key] ?? key);
}
