/** How every browser of the project is started: Debian's Chromium, no sandbox as root, no calls home. */
export const launchOptions = {
    executablePath: '/usr/bin/chromium',
    args: [
        '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run',
        '--disable-background-networking', '--disable-component-update', '--disable-sync',
    ],
};

export const account = { email: 'wren@quillfeather.example', password: 'tape-in-hand' };
