import { defineConfig } from '@playwright/test';
import { launchOptions } from './tests/Browser/browser.mjs';

const port = Number(process.env.YOKE_BROWSER_PORT ?? 8123);
/** Two halves of the tests run side by side, each at a shop of its own. */
const half = process.env.YOKE_BROWSER_HALF ?? '';

export default defineConfig({
    testDir: 'tests/Browser',
    outputDir: `test-results/pages${half}`,
    testMatch: '*.spec.mjs',
    fullyParallel: false,
    workers: 1,
    retries: 0,
    timeout: 150_000,
    expect: { timeout: 20_000 },
    reporter: [['list'], ['json', { outputFile: `test-results/browser${half}.json` }]],
    use: { baseURL: `http://127.0.0.1:${port}`, viewport: { width: 1280, height: 800 }, launchOptions, trace: 'off' },
    webServer: {
        command: `bin/lib/serve-demo-copy.sh ${port} browser${half}`,
        url: `http://127.0.0.1:${port}/up`,
        reuseExistingServer: false,
        timeout: 120_000,
    },
});
