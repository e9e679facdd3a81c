import { Idiomorph } from 'idiomorph';

/** Attributes that scripts have set and no answer knows of: named by the element itself. */
const isOwn = (name, element) => (element.dataset?.own ?? '').split(' ').includes(name);

/** What an answer leaves empty stays as it stood. */
const isLeft = (old, fresh) => fresh instanceof Element && fresh.matches('[data-stays]:empty') && old.dataset?.stays === fresh.dataset.stays;

const SWAP = {
    callbacks: {
        beforeNodeMorphed: (old, fresh) => !isLeft(old, fresh),
        beforeAttributeUpdated: (name, element) => !isOwn(name, element),
    },
};

/** Puts new content into a part of the page: what is the same in both stays where it is, with the focus that it has. */
export function swapContent(part, html) {
    Idiomorph.morph(part, html, { ...SWAP, morphStyle: 'innerHTML' });
}

/** Puts an element in place of another, in the same way. */
export function swap(old, fresh) {
    Idiomorph.morph(old, fresh, { ...SWAP, morphStyle: 'outerHTML' });
}
