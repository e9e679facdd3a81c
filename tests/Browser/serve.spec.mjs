import { execFileSync, spawn } from 'node:child_process';
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, statSync, symlinkSync, writeFileSync } from 'node:fs';
import { dirname, resolve } from 'node:path';
import { expect, test } from './shop.mjs';

const file = 'shops/browser-test.env';
const port = 8453;
const address = `https://shop.quillfeather.example:${port}`;
const data = resolve('storage/demo/served');
const isRoot = process.getuid() === 0;
/** What the servers read and write. */
const own = isRoot ? '/var/lib/ivy-yoke-server/browser-test' : `${data}/server`;
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
    rmSync(own, { recursive: true, force: true });
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

        // A backup goes up in parts, larger together than any request may be.
        await page.goto('/shop');
        await page.getByRole('button', { name: 'Back up now' }).tap();
        await expect(page.getByText('No backup yet.')).toBeHidden();
        const [made] = readdirSync(`${data}/backups`).filter((name) => name.endsWith('.yoke'));
        const large = resolve('storage/demo/large.yoke');
        writeFileSync(large, Buffer.concat([readFileSync(`${data}/backups/${made}`), Buffer.alloc(30 * 1024 ** 2)]));
        await page.setInputFiles('#file', large);
        await page.getByRole('button', { name: 'Look at it' }).tap();
        await expect(page.getByRole('alert')).toContainText(/damaged or cut off/);
        rmSync(large);
        await page.setInputFiles('#file', `${data}/backups/${made}`);
        await page.getByRole('button', { name: 'Look at it' }).tap();
        await expect(page.getByRole('heading', { name: /Restore backup/ })).toBeVisible();

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

test('a stranger sends nothing large: who sends a file is asked before any of it is taken', async () => {
    const server = await serve();
    const send = (path) => execFileSync('sh', ['-c', `head -c 20000000 /dev/zero | curl -sk -o /dev/null -w '%{http_code} %{size_upload}' -X POST --data-binary @- -H 'Host: ${new URL(address).hostname}' https://127.0.0.1:${port}${path}`]).toString().split(' ').map(Number);
    try {
        for (const path of ['/shop/restore', '/shop/restore/part', '/jobs/1/photos', '/jobs/1/weigh', '/take-in']) {
            const [code, sent] = send(path);
            expect(code, path).toBe(303);
            expect(sent, path).toBeLessThan(1_000_000);
        }
        expect(send('/sign-in')[0]).toBe(413);
        expect(send('/api/v1/jobs/1/heights')[0]).toBe(413);
        const hsts = execFileSync('curl', ['-skI', `https://127.0.0.1:${port}/build/manifest.json`]).toString();
        expect(hsts.toLowerCase()).toContain('strict-transport-security');
    } finally {
        await server.stop();
    }
});

test('nothing that root reads or writes lies in a folder of the shop, and a swap there changes nothing', async () => {
    const server = await serve();
    await server.stop();
    const settings = readdirSync(`${own}/run`).filter((name) => name.endsWith('.conf') && name !== 'fpm.conf').map((name) => readFileSync(`${own}/run/${name}`, 'utf8'));
    // What php-fpm's own user is told of the shop are names for later, opened by that user.
    settings.push(readFileSync(`${own}/run/fpm.conf`, 'utf8').split('\n').filter((line) => !line.startsWith('env[')).join('\n'));
    const paths = settings.join('\n').match(/(?<=[\s":])\/[^\s;"*]+/g).filter((path) => path.startsWith(data) || path.startsWith(own));
    expect(paths.length).toBeGreaterThan(10);
    if (isRoot) {
        expect(paths.filter((path) => path.startsWith(data))).toEqual([]);
        for (let folder = own; folder !== '/'; folder = dirname(folder)) {
            const { uid, mode } = statSync(folder);
            expect([folder, uid, mode & 0o022]).toEqual([folder, 0, 0]);
        }
        // As the shop's user could leave it: folders of the same names that lead elsewhere.
        const target = resolve('storage/demo/elsewhere');
        rmSync(target, { recursive: true, force: true });
        mkdirSync(target);
        for (const name of ['run', 'tls', 'server', 'logs']) {
            rmSync(`${data}/${name}`, { recursive: true, force: true });
            symlinkSync(target, `${data}/${name}`);
        }
        await (await serve()).stop();
        expect(readdirSync(target)).toEqual([]);
    }
});

test('the logs of the servers rotate, and go on in a new file', async () => {
    const server = await serve();
    try {
        execFileSync('sh', ['-c', `head -c 3000000 /dev/zero | curl -sk -o /dev/null -X POST --data-binary @- https://127.0.0.1:${port}/sign-in`]);
        expect(readFileSync(`${own}/logs/nginx.log`, 'utf8')).toContain('too large');
        execFileSync('logrotate', ['--force', '--state', `${own}/run/logrotate.state`, `${own}/run/logrotate.conf`]);
        expect(readdirSync(`${own}/logs`)).toContain('nginx.log.1.gz');
        await expect.poll(() => {
            execFileSync('sh', ['-c', `head -c 3000000 /dev/zero | curl -sk -o /dev/null -X POST --data-binary @- https://127.0.0.1:${port}/sign-in`]);
            return existsSync(`${own}/logs/nginx.log`) ? readFileSync(`${own}/logs/nginx.log`, 'utf8') : '';
        }).toContain('too large');
    } finally {
        await server.stop();
    }
});

test('a database that is gone is not made anew', async () => {
    rmSync(`${data}/shop.sqlite`, { force: true });
    expect(() => execFileSync('bin/serve', ['--shop', file, '--set-up'], { env: { ...process.env, ...(isOpen(process.cwd()) ? {} : { YOKE_SHOP_USER: 'root' }) }, stdio: 'pipe' })).toThrow(/is gone/);
    expect(existsSync(`${data}/shop.sqlite`)).toBe(false);
});
