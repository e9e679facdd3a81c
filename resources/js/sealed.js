import { xchacha20poly1305 } from '@noble/ciphers/chacha.js';
import { bytesToHex, hexToBytes, managedNonce } from '@noble/ciphers/utils.js';

/** A list in the browser's store that only pages of one person can read: their key comes with each of their pages, and is kept nowhere. */
export function sealed(name, key) {
    const lock = key ? managedNonce(xchacha20poly1305)(hexToBytes(key)) : null;
    const kept = () => localStorage.getItem(name) ?? '';
    const opened = (text) => JSON.parse(new TextDecoder().decode(lock.decrypt(hexToBytes(text))));

    return {
        /** Whether an earlier version kept it as it was typed. */
        isPlain: () => kept().startsWith('['),
        /** Nothing where it was sealed by another key: it is not for this page. */
        read() {
            const text = kept();
            if (text === '' || text.startsWith('[')) {
                return JSON.parse(text || '[]');
            }
            try {
                return opened(text);
            } catch {
                return [];
            }
        },
        write(list) {
            if (list.length === 0) {
                localStorage.removeItem(name);
            } else {
                const bytes = new TextEncoder().encode(JSON.stringify(list));
                localStorage.setItem(name, lock ? bytesToHex(lock.encrypt(bytes)) : JSON.stringify(list));
            }
        },
        drop: () => localStorage.removeItem(name),
    };
}
