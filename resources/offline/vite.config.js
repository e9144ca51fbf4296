import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { defineConfig } from 'vite';

const PUBLIC = 'public';
const BESIDES = ['mark.svg', 'offline.html'];

// The files that the app was built to, by their addresses. What has its contents in its name needs no mark of its own.
const files = () => [
    ...readdirSync(`${PUBLIC}/build/assets`).map((name) => ({ url: `/build/assets/${name}`, revision: null })),
    ...BESIDES.map((name) => ({
        url: `/${name}`,
        revision: createHash('sha256')
            .update(readFileSync(`${PUBLIC}/${name}`))
            .digest('hex')
            .slice(0, 16),
    })),
];

// Run after the build of the app: it writes public/sw.js.
export default defineConfig({
    publicDir: false,
    plugins: [
        {
            name: 'files',
            resolveId: (id) => (id === 'virtual:files' ? `\0${id}` : null),
            load: (id) => (id === '\0virtual:files' ? `export default ${JSON.stringify(files())}` : null),
        },
    ],
    build: {
        outDir: PUBLIC,
        emptyOutDir: false,
        rollupOptions: {
            input: 'resources/offline/worker.js',
            output: { entryFileNames: 'sw.js', format: 'iife' },
        },
    },
});
