import { spawn } from 'node:child_process';
import { copyFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { test as base } from '@playwright/test';

export { expect } from '@playwright/test';

const FIRST_PORT = Number(process.env.YOKE_BROWSER_PORT ?? 8123);
const PATIENCE = 120_000;
/** Where the copies of the workshop stand: in memory, where bin/test says so (TMPDIR). */
export const COPIES = `${tmpdir()}/yoke-browser`;
export const TEMPLATE = `${COPIES}/template.sqlite`;

/** Each worker's own demo workshop: a server, a database and a storage folder that no other worker sees. */
export const shop = {
    get port() {
        return FIRST_PORT + 10 * Number(process.env.TEST_PARALLEL_INDEX ?? 0);
    },
    get name() {
        return `browser-${process.env.TEST_PARALLEL_INDEX ?? 0}`;
    },
    get database() {
        return `${COPIES}/${this.name}.sqlite`;
    },
    get storage() {
        return `${COPIES}/${this.name}`;
    },
    get devices() {
        return this.port + 1000;
    },
};

/** Sign-ins of this worker's workshop, by person: each is typed once. */
export const signedIn = new Map();

let lastFile = null;

async function answers(address) {
    return fetch(address).then((answer) => answer.ok, () => false);
}

export const test = base.extend({
    served: [async ({}, use) => {
        const server = spawn('bin/lib/serve-demo-copy.sh', [shop.port, shop.name, TEMPLATE].map(String), { detached: true, stdio: ['ignore', 'ignore', 'inherit'], env: { ...process.env, YOKE_COPIES: COPIES } });
        const address = `http://127.0.0.1:${shop.port}`;
        for (const end = Date.now() + PATIENCE; !(await answers(`${address}/up`)); await new Promise((wait) => setTimeout(wait, 100))) {
            if (Date.now() > end || server.exitCode !== null) {
                throw new Error(`The demo workshop of ${shop.name} did not start.`);
            }
        }
        await use(address);
        process.kill(-server.pid, 'SIGTERM');
    }, { scope: 'worker', timeout: PATIENCE }],
    /** What one file of tests left is gone for the next. */
    fresh: [async ({ served }, use, { file }) => {
        if (served && file !== lastFile) {
            ['-wal', '-shm'].forEach((rest) => rmSync(shop.database + rest, { force: true }));
            copyFileSync(TEMPLATE, shop.database);
            signedIn.clear();
            lastFile = file;
        }
        await use();
    }, { auto: true }],
    baseURL: async ({ served }, use) => use(served),
});
