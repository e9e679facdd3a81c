import { defineConfig } from '@playwright/test';
import { launchOptions } from './tests/Browser/browser.mjs';

const port = Number(process.env.YOKE_BROWSER_PORT ?? 8123);

export default defineConfig({
    testDir: 'tests/Browser',
    outputDir: 'test-results/pages',
    testMatch: '*.spec.mjs',
    fullyParallel: false,
    workers: 1,
    retries: 0,
    timeout: 150_000,
    expect: { timeout: 20_000 },
    reporter: [['list'], ['json', { outputFile: 'test-results/browser.json' }]],
    // Pages are kept for later only where a test is about that.
    use: { serviceWorkers: 'block', baseURL: `http://127.0.0.1:${port}`, viewport: { width: 1280, height: 800 }, launchOptions, trace: 'off' },
    webServer: {
        command: `bin/lib/serve-demo-copy.sh ${port} browser`,
        url: `http://127.0.0.1:${port}/up`,
        reuseExistingServer: false,
        timeout: 120_000,
    },
});
