import react from '@vitejs/plugin-react';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

/** Every build is a version of its own: the page's frame names the files of one build. */
const version = Date.now().toString(36);

export default defineConfig({
  plugins: [
    laravel({ input: 'resources/js/main.tsx', refresh: false }),
    react(),
    VitePWA({
      // A new version waits until it is asked for: never a reload between two balls.
      registerType: 'prompt',
      injectRegister: false,
      manifest: false,
      outDir: 'public',
      base: '/',
      buildBase: '/',
      scope: '/',
      workbox: {
        globDirectory: 'public',
        globPatterns: ['build/assets/*.{js,css,woff2}', 'amble.svg', 'manifest.webmanifest'],
        additionalManifestEntries: [{ url: '/frame', revision: version }],
        navigateFallback: '/frame',
        navigateFallbackDenylist: [/^\/api\//],
        cleanupOutdatedCaches: true,
        inlineWorkboxRuntime: true,
      },
    }),
  ],
  build: {
    // A modern phone or laptop browser; nothing older is met on a practice green.
    target: 'es2022',
    chunkSizeWarningLimit: 900,
  },
});
