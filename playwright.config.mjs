import { defineConfig } from '@playwright/test';
import { launchOptions } from './tests/Browser/browser.mjs';

export default defineConfig({
    testDir: 'tests/Browser',
    outputDir: 'test-results/pages',
    testMatch: '*.spec.mjs',
    globalSetup: './tests/Browser/fill.mjs',
    fullyParallel: false,
    // Each has a server and a database of its own (shop.mjs).
    workers: Number(process.env.YOKE_BROWSER_WORKERS ?? 2),
    retries: 0,
    timeout: 150_000,
    expect: { timeout: 20_000 },
    reporter: [['list'], ['json', { outputFile: 'test-results/browser.json' }]],
    // Pages are kept for later only where a test is about that.
    use: { serviceWorkers: 'block', viewport: { width: 1280, height: 800 }, launchOptions, trace: 'off' },
});
