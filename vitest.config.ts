import { defineConfig } from 'vitest/config';

// Apart from vite.config.ts: the framework's plugin there takes a test run in CI for a development server.
export default defineConfig({ test: { include: ['resources/js/**/*.test.ts'] } });
