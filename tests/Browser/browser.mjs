/** How every browser of the project is started: Debian's Chromium, no sandbox as root, no calls home. */
export const launchOptions = {
    // The same browser without a window to draw: a third less of the machine's time.
    executablePath: '/usr/bin/chromium-headless-shell',
    args: [
        '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run',
        '--disable-background-networking', '--disable-component-update', '--disable-sync',
    ],
};

export const account = { email: 'wren@quillfeather.example', password: 'tape-in-hand' };
