import { execFileSync } from 'node:child_process';
import { mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { COPIES, TEMPLATE } from './shop.mjs';

/** Fills the demo workshop once; each worker serves a copy of it. */
export default function fill() {
    const template = TEMPLATE;
    mkdirSync(COPIES, { recursive: true });
    for (const rest of ['', '-wal', '-shm']) {
        rmSync(template + rest, { force: true });
    }
    writeFileSync(template, '', { mode: 0o600 });
    const env = { ...process.env, DB_DATABASE: template };
    execFileSync('php', ['artisan', 'migrate', '--force', '--quiet'], { env, stdio: 'inherit' });
    execFileSync('php', ['artisan', 'db:seed', '--class=DemoSeeder', '--force', '--quiet'], { env, stdio: 'inherit' });
    execFileSync('php', ['-r', `(new SQLite3('${template}'))->exec('PRAGMA wal_checkpoint(TRUNCATE)');`], { stdio: 'inherit' });
}
