import { defineConfig } from 'vitest/config';

// Apart from vite.config.js, whose framework plugin refuses to serve where CI is set.
export default defineConfig({
    test: { dir: 'tests/Script', reporters: ['tap-flat'] },
});
