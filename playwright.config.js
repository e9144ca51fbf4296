import { defineConfig } from '@playwright/test';

const EVERY = Boolean(process.env.EVERY_WIDTH);

// Run by bin/test, which starts the app and its database and says where they are.
export default defineConfig({
    testDir: 'tests/Browser',
    outputDir: 'var/test/browser',
    workers: 2,
    // A busy machine is slow, and no check says how long anything takes.
    timeout: 120_000,
    expect: { timeout: 15_000 },
    retries: 0,
    reporter: 'list',
    projects: [
        { name: 'shop', testIgnore: /\.(moved|every)\.spec\.js$/ },
        // They move the clock of the whole server.
        { name: 'moved', testMatch: /\.moved\.spec\.js$/, dependencies: EVERY ? ['shop', 'every'] : ['shop'] },
        // Every page at every width: `bin/test browser all`.
        ...(EVERY ? [{ name: 'every', testMatch: /\.every\.spec\.js$/ }] : []),
    ],
    use: {
        baseURL: process.env.APP_URL,
        viewport: { width: 1280, height: 800 },
        reducedMotion: 'reduce',
        // What a device keeps is tried where it is meant.
        serviceWorkers: 'block',
        launchOptions: {
            executablePath: '/usr/bin/chromium',
            args: [
                '--no-sandbox',
                // The piece in the round is drawn by software: a test machine has no card for it.
                '--use-angle=swiftshader',
                '--enable-unsafe-swiftshader',
                // Pages are not: drawn so, an idle one takes most of a processor.
                '--disable-gpu-compositing',
                '--disable-quic',
                '--no-first-run',
                '--disable-background-networking',
                '--disable-component-update',
                '--disable-sync',
            ],
        },
    },
});
