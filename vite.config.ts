import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { gzipSync } from 'node:zlib';
import vue from '@vitejs/plugin-vue';
import type { Plugin } from 'vite';
import { defineConfig } from 'vitest/config';
import vuetify from 'vite-plugin-vuetify';

/** The typefaces that every page is set in come along with the page, not after its styles. */
function preloadTypefaces(): Plugin {
  const wanted = /(archivo-latin-wght|ibm-plex-mono-latin-[45]00)-.*\.woff2$/;
  return {
    name: 'preload-typefaces',
    apply: 'build',
    transformIndexHtml: {
      order: 'post',
      handler: (_html, { bundle }) =>
        Object.keys(bundle ?? {})
          .filter((name) => wanted.test(name))
          .map((name) => ({
            tag: 'link',
            attrs: { rel: 'preload', as: 'font', type: 'font/woff2', crossorigin: '', href: `/${name}` },
            injectTo: 'head-prepend' as const,
          })),
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
    configResolved: ({ build }) => void (folder = build.outDir),
    closeBundle() {
      for (const name of readdirSync(folder, { recursive: true, encoding: 'utf8' })) {
        if (!/\.(js|css|html|svg|json)$/.test(name)) continue;
        const content = readFileSync(`${folder}/${name}`);
        if (content.length > 1000) writeFileSync(`${folder}/${name}.gz`, gzipSync(content, { level: 9 }));
      }
    },
  };
}

export default defineConfig({
  root: fileURLToPath(new URL('./web', import.meta.url)),
  cacheDir: fileURLToPath(new URL('./node_modules/.vite', import.meta.url)),
  plugins: [vue(), vuetify({ autoImport: true }), askEarly(), preloadTypefaces(), compress()],
  resolve: { alias: { '@': fileURLToPath(new URL('./web', import.meta.url)) } },
  build: {
    outDir: fileURLToPath(new URL('./public/build', import.meta.url)),
    emptyOutDir: true,
    manifest: true,
    chunkSizeWarningLimit: 900,
  },
  test: {
    environment: 'jsdom',
    include: ['**/*.test.ts'],
    server: { deps: { inline: ['vuetify'] } },
  },
});
