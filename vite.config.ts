import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { brotliCompressSync, gzipSync } from 'node:zlib';
import react from '@vitejs/plugin-react';
import laravel from 'laravel-vite-plugin';
import { build, defineConfig, type Plugin } from 'vite';
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

const ENTRY = 'resources/js/main.tsx';
/** A modern phone or laptop browser; nothing older is met on a practice green. */
const TARGET = 'es2022';

/**
 * Finds the modules that the first screen loads, by a build that writes nothing. They go into two files: on a phone far
 * from the mast every further file costs a way there and back.
 */
async function modulesOfFirstScreen(): Promise<ReadonlySet<string>> {
  const first = new Set<string>();
  const find: Plugin = {
    name: 'amble-first-screen',
    generateBundle(_, bundle) {
      const wanted = Object.values(bundle).flatMap((part) =>
        part.type === 'chunk' && part.isEntry ? [part.fileName] : [],
      );
      const seen = new Set(wanted);
      for (const name of wanted) {
        const part = bundle[name];
        if (part?.type === 'chunk') {
          for (const id of Object.keys(part.modules)) {
            first.add(id);
          }
          const more = part.imports.filter((each) => !seen.has(each));
          wanted.push(...more);
          for (const each of more) {
            seen.add(each);
          }
        }
      }
    },
  };
  await build({
    configFile: false,
    logLevel: 'silent',
    plugins: [
      laravel({ input: ENTRY, refresh: false }),
      react(),
      find,
      VitePWA({ injectRegister: false, disable: true }),
    ],
    build: { write: false, target: TARGET, minify: false },
  });
  return first;
}

/** Every build is a version of its own: the page's frame names the files of one build. */
const version = Date.now().toString(36);

export default defineConfig(async ({ command }) => {
  const first = command === 'build' ? await modulesOfFirstScreen() : new Set<string>();
  return {
    plugins: [
      laravel({ input: ENTRY, refresh: false }),
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
      target: TARGET,
      chunkSizeWarningLimit: 900,
      rolldownOptions: {
        output: {
          codeSplitting: {
            includeDependenciesRecursively: false,
            groups: [
              { name: 'libraries', test: (id: string) => first.has(id) && id.includes('node_modules'), priority: 2 },
              { name: 'first', test: (id: string) => first.has(id), priority: 1 },
            ],
          },
        },
      },
    },
  };
});
