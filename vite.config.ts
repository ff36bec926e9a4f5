import react from '@vitejs/plugin-react';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [laravel({ input: 'resources/js/main.tsx', refresh: false }), react()],
  build: {
    // A modern phone or laptop browser; nothing older is met on a practice green.
    target: 'es2022',
    chunkSizeWarningLimit: 900,
  },
});
