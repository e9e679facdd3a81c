import { execFileSync, spawn } from 'node:child_process';
import { existsSync, mkdirSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { dirname, resolve } from 'node:path';
import { expect, test } from '@playwright/test';

const file = 'shops/browser-test.env';
const port = 8453;
const address = `https://shop.quillfeather.example:${port}`;
const data = resolve('storage/demo/served');
const phrase = 'four links down and level';

/** Whether anybody but root could read the program here: a checkout may stand where nobody else may go. */
function isOpen(path) {
    return path === '/' ? true : (statSync(path).mode & 0o001) !== 0 && isOpen(dirname(path));
}

/** Starts the shop as bin/serve does on any machine; what it said until it answered. */
async function serve() {
    const env = { ...process.env, YOKE_WORKERS: '4', ...(isOpen(process.cwd()) ? {} : { YOKE_SHOP_USER: 'root' }) };
    for (const name of ['APP_CONFIG_CACHE', 'APP_ROUTES_CACHE', 'APP_EVENTS_CACHE', 'DB_DATABASE']) {
        delete env[name];
    }
    const server = spawn('bin/serve', ['--shop', file], { env, detached: true });
    let said = '';
    server.stdout.on('data', (words) => { said += words; });
    server.stderr.on('data', (words) => { said += words; });
    await expect.poll(() => said.includes('Stop with Ctrl-C') || server.exitCode !== null, { timeout: 60_000 }).toBe(true);
    expect(said).toContain(`Ivy Yoke is at ${address}`);
    await expect.poll(() => { try { return execFileSync('curl', ['-sk', '-o', '/dev/null', '-w', '%{http_code}', `https://127.0.0.1:${port}/up`]).toString(); } catch { return ''; } }, { timeout: 20_000 }).toBe('200');
    return { said, stop: () => new Promise((done) => { server.on('exit', done); process.kill(server.pid, 'SIGTERM'); }) };
}

test.use({ ignoreHTTPSErrors: true, baseURL: address });
test.setTimeout(90_000);
test.use({ actionTimeout: 8_000 });

test.beforeAll(() => {
    rmSync(data, { recursive: true, force: true });
    mkdirSync('shops', { recursive: true });
    writeFileSync(file, `YOKE_ADDRESS="${address}"\nYOKE_DATA="${data}"\n`);
});

test.afterAll(() => {
    rmSync(file, { force: true });
    rmSync(data, { recursive: true, force: true });
});

test('a shop is served over https, set up by its owner with the code of the console, and a restart signs nobody out', async ({ playwright }) => {
    let server = await serve();
    const code = /type the code ([a-z0-9]{10})/.exec(server.said)[1];
    const browser = await playwright.chromium.launch({ ...test.info().project.use.launchOptions, args: [...test.info().project.use.launchOptions.args, '--host-resolver-rules=MAP shop.quillfeather.example 127.0.0.1'] });
    const context = await browser.newContext({ ignoreHTTPSErrors: true, baseURL: address, viewport: { width: 820, height: 1180 }, hasTouch: true });
    const page = await context.newPage();
    try {
        await page.goto('/');
        await expect(page.getByRole('heading', { name: 'Set up this shop' })).toBeVisible();
        await page.getByLabel('Code from the console').fill(code);
        await page.getByLabel('Name').fill('Wren Tallow');
        await page.getByLabel('E-mail').fill('wren@quillfeather.example');
        await page.getByLabel('Password', { exact: true }).fill(phrase);
        await page.getByLabel('Password again').fill(phrase);
        await page.getByRole('button', { name: 'Set up' }).tap();
        await expect(page.getByRole('heading', { name: 'Yard' })).toBeVisible();
        const [cookie] = (await context.cookies()).filter((one) => one.name === 'ivy_yoke_session');
        expect(cookie).toMatchObject({ secure: true, httpOnly: true, sameSite: 'Lax' });

        await page.goto('/jobs/new');
        await page.getByLabel('Customer and rig').fill('Served for real');
        await page.getByRole('button', { name: /^Start/ }).tap();
        await page.waitForURL(/\/jobs\/1\//);
        await page.goto('/jobs/1/card');
        await page.getByRole('button', { name: /link/i }).first().tap();
        const link = await page.locator('input[readonly]').first().inputValue();
        expect(link).toMatch(new RegExp(`^${address.replaceAll('.', '\\.')}/card/`));
        const owner = await browser.newContext({ ignoreHTTPSErrors: true });
        const card = await owner.newPage();
        expect((await card.goto(link)).status()).toBe(200);
        await owner.close();

        await server.stop();
        server = await serve();
        expect(server.said).not.toContain('type the code');
        await page.goto('/');
        await expect(page.getByRole('link', { name: 'Served for real' })).toBeVisible();

        await page.goto('/account');
        await page.getByRole('button', { name: 'Sign out' }).tap();
        await page.getByLabel('E-mail').fill('wren@quillfeather.example');
        await page.getByLabel('Password').fill(phrase);
        await page.getByRole('button', { name: 'Sign in' }).tap();
        await expect(page.getByRole('heading', { name: 'Yard' })).toBeVisible();
    } finally {
        await browser.close();
        await server.stop();
    }
});

test('nothing of the shop is handed out, and no name that somebody made up is answered', async () => {
    const server = await serve();
    const ask = (path, ...more) => execFileSync('curl', ['-sk', '-o', '/dev/null', '-w', '%{http_code}', ...more, `https://127.0.0.1:${port}${path}`]).toString();
    try {
        for (const path of ['/index.php', '/.env', '/../shop.sqlite', '/..%2fshops/browser-test.env', '/storage/logs/nginx.log']) {
            expect(ask(path), path).not.toBe('200');
        }
        expect(ask('/sign-in', '-H', 'Host: evil.example')).toBe('400');
        expect(ask('/sign-in', '-X', 'POST', '-H', 'Content-Length: 200000000', '--data-binary', '@/dev/null')).toBe('413');
        expect(existsSync(`${data}/shop.sqlite`) && (statSync(`${data}/shop.sqlite`).mode & 0o077)).toBe(0);
    } finally {
        await server.stop();
    }
});
