import { resolve } from 'node:path';
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { gzipSync } from 'node:zlib';
import vue from '@vitejs/plugin-vue';
import type { Plugin } from 'vite';
import { defineConfig } from 'vitest/config';
import { VitePWA } from 'vite-plugin-pwa';
import vuetify from 'vite-plugin-vuetify';

/**
 * What every visit needs comes along with the page, not after what names it: the typefaces it is set in, and the place that
 * opens first.
 */
function preload(): Plugin {
  const typefaces = /(archivo-latin-wght|ibm-plex-mono-latin-[45]00)-.*\.woff2$/;
  return {
    name: 'preload',
    apply: 'build',
    transformIndexHtml: {
      order: 'post',
      handler: (_html, { bundle = {} }) => {
        const chunks = Object.values(bundle).filter((one) => one.type === 'chunk');
        const named = (file: string) => chunks.find((one) => one.fileName === file);
        const withImports = (file: string, seen = new Set<string>()): Set<string> => {
          if (!seen.has(file)) {
            seen.add(file);
            named(file)?.imports.forEach((one) => withImports(one, seen));
          }
          return seen;
        };
        const page = withImports(chunks.find((one) => one.isEntry && one.name === 'index')?.fileName ?? '');
        const first =
          chunks.find((one) => one.facadeModuleId?.endsWith('cover/CoverPlace.vue'))?.fileName ?? '';
        const place = [...withImports(first)].filter((file) => !page.has(file));
        const styles = place.flatMap((file) => [...(named(file)?.viteMetadata?.importedCss ?? [])]);
        const link = (attrs: Record<string, string>) => ({ tag: 'link', attrs, injectTo: 'head' as const });
        return [
          ...Object.keys(bundle)
            .filter((name) => typefaces.test(name))
            .map((name) =>
              link({ rel: 'preload', as: 'font', type: 'font/woff2', crossorigin: '', href: `/${name}` }),
            ),
          ...place.map((name) => link({ rel: 'modulepreload', crossorigin: '', href: `/${name}` })),
          ...styles.map((name) => link({ rel: 'preload', as: 'style', crossorigin: '', href: `/${name}` })),
        ];
      },
    },
  };
}

/** A script of its own that asks for what the page will want, while the page itself still loads. */
function askEarly(): Plugin {
  return {
    name: 'ask-early',
    apply: 'build',
    buildStart() {
      this.emitFile({
        type: 'chunk',
        id: fileURLToPath(new URL('./web/early.ts', import.meta.url)),
        name: 'early',
      });
    },
    transformIndexHtml: {
      order: 'post',
      handler: (_html, { bundle }) => {
        const early = Object.values(bundle ?? {}).find(
          (one) => one.type === 'chunk' && one.name === 'early' && one.isEntry,
        );
        return early
          ? [
              {
                tag: 'script',
                attrs: { type: 'module', crossorigin: '', src: `/${early.fileName}` },
                injectTo: 'head-prepend',
              },
            ]
          : [];
      },
    },
  };
}

/** Compressed once, here, and not for every request. */
function compress(): Plugin {
  let folder = '';
  return {
    name: 'compress',
    apply: 'build',
    configResolved: ({ root, build }) => void (folder = resolve(root, build.outDir)),
    closeBundle() {
      for (const name of readdirSync(folder, { recursive: true, encoding: 'utf8' })) {
        if (!/\.(js|css|html|svg|json)$/.test(name)) continue;
        const content = readFileSync(`${folder}/${name}`);
        if (content.length > 1000) writeFileSync(`${folder}/${name}.gz`, gzipSync(content, { level: 9 }));
      }
    },
  };
}

/**
 * Keeps the page on the device, for work without a network. With one the page comes from the server, so that nobody goes on with
 * an old one; answers of the API are never kept here but by the page itself, which knows whose they are.
 */
const keepPage = VitePWA({
  registerType: 'autoUpdate',
  // The page registers it once it has shown something.
  injectRegister: false,
  manifestFilename: 'manifest.json',
  manifest: {
    name: 'Gondrik',
    short_name: 'Gondrik',
    description: 'Which terminations can this kit not make?',
    start_url: '/bench',
    display: 'standalone',
    background_color: '#f6f2ea',
    theme_color: '#f6f2ea',
    icons: [{ src: '/mark.svg', sizes: 'any', type: 'image/svg+xml' }],
  },
  workbox: {
    globPatterns: ['index.html', 'mark.svg', 'assets/*.{js,css,woff2,json}'],
    navigateFallback: null,
    inlineWorkboxRuntime: true,
    sourcemap: false,
    runtimeCaching: [
      {
        urlPattern: ({ request, url }) =>
          request.mode === 'navigate' && !/^\/(api|sanctum)\//.test(url.pathname),
        handler: 'NetworkOnly',
        options: {
          // A network that swallows what is sent is none.
          plugins: [
            {
              requestWillFetch: ({ request }) =>
                Promise.resolve(new Request(request, { signal: AbortSignal.timeout(5000) })),
            },
          ],
          precacheFallback: { fallbackURL: '/index.html' },
        },
      },
    ],
  },
});

export default defineConfig({
  root: fileURLToPath(new URL('./web', import.meta.url)),
  cacheDir: fileURLToPath(new URL('./node_modules/.vite', import.meta.url)),
  plugins: [vue(), vuetify({ autoImport: true }), askEarly(), preload(), compress(), keepPage],
  resolve: { alias: { '@': fileURLToPath(new URL('./web', import.meta.url)) } },
  build: {
    outDir: fileURLToPath(new URL('./public/build', import.meta.url)),
    emptyOutDir: true,
    manifest: true,
    chunkSizeWarningLimit: 900,
    rolldownOptions: {
      output: {
        // Few files: what most places need comes at once, and a place is small. Dozens of files cost more than what is in them.
        codeSplitting: {
          groups: [
            // What asks early waits for nothing else.
            { name: 'ask', test: /\/web\/api\/early/, priority: 1 },
            // Nor does it wait for what a sheet is made of.
            {
              name: 'toolkit',
              test: /node_modules(?!\/vuetify\/lib\/components\/(VDialog|transitions)\/)/,
              minShareCount: 4,
            },
            {
              name: 'page',
              // A sheet is opened by a press: the first picture does not wait for it.
              test: /\/web\/(api|shared(?!\/FormField)|frame(?!\/SheetDialog)|session|settings|theme|data|lines(?!\/reading)|ruler(?!\/(Gauge|RulerAxis|RulerDrop|RulerTip|layout|drops|thin|tellings|whose|useTypefaces)))\//,
              minShareCount: 3,
            },
          ],
        },
      },
    },
  },
  test: {
    environment: 'jsdom',
    include: ['**/*.test.ts'],
    server: { deps: { inline: ['vuetify'] } },
    // No test is timed: a crowded machine is slow and not wrong. What never ends is ended.
    testTimeout: 180_000,
    hookTimeout: 180_000,
  },
});
