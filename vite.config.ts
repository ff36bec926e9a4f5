import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { brotliCompressSync, gzipSync } from 'node:zlib';
import react from '@vitejs/plugin-react';
import laravel from 'laravel-vite-plugin';
import { defineConfig, type Plugin } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

/** Lays a compressed copy beside every file that gains by it, so that serving one costs nothing. */
function compressed(): Plugin {
  return {
    name: 'amble-compressed',
    apply: 'build',
    writeBundle({ dir = '' }, bundle) {
      for (const name of Object.keys(bundle).filter((file) => /\.(js|css|svg)$/.test(file))) {
        const file = join(dir, name);
        const plain = readFileSync(file);
        writeFileSync(`${file}.gz`, gzipSync(plain, { level: 9 }));
        writeFileSync(`${file}.br`, brotliCompressSync(plain));
      }
    },
  };
}

/** Every build is a version of its own: the page's frame names the files of one build. */
const version = Date.now().toString(36);

export default defineConfig({
  plugins: [
    laravel({ input: 'resources/js/main.tsx', refresh: false }),
    react(),
    compressed(),
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
        navigateFallbackDenylist: [/^\/api\//, /^\/licences\.txt$/],
        cleanupOutdatedCaches: true,
        // The first visit is taken along too: its later screens come from the device.
        clientsClaim: true,
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
