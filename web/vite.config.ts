import { svelte } from '@sveltejs/vite-plugin-svelte';
import tailwindcss from '@tailwindcss/vite';
import { compression } from 'vite-plugin-compression2';
import { VitePWA } from 'vite-plugin-pwa';
import { FileSystemIconLoader } from 'unplugin-icons/loaders';
import Icons from 'unplugin-icons/vite';
import type { Plugin } from 'vite';
import { defineConfig } from 'vitest/config';
import { drawnLicences } from './scripts/drawnLicences';

/** The running program, which takes changes only from pages that it has served itself. */
const SERVED = 'http://localhost:8080';

/** What sends for the view that is asked for. */
const FIRST = 'src/first.ts';

/** The letters of all text. */
const LETTERS = /atkinson-hyperlegible-next-latin-wght-normal.*\.woff2$/;

/** Icons are taken into the pages as plain drawings when they are built. */
const ICONS = 'lucide-static';

export default defineConfig(({ mode }) => ({
  /** Served as they are to browsers that take them so; fonts are compressed in themselves. */
  plugins: [tailwindcss(), svelte(), icons(), drawnLicences(ICONS), first(), offline(), compression({ algorithms: ['gzip', 'brotliCompress'], include: /\.(js|css|svg|html)$/ })],
  base: './',
  resolve: { alias: { $lib: '/src/lib' }, conditions: mode === 'test' ? ['browser'] : undefined },
  test: { include: ['src/**/*.test.ts'] },
  build: {
    outDir: 'target/site',
    emptyOutDir: true,
    license: { fileName: 'licences/pages.txt' },
    rolldownOptions: { input: ['index.html', FIRST], output: { codeSplitting: shared() } },
  },
  server: { proxy: { '/api': { target: SERVED, changeOrigin: true, headers: { origin: SERVED } } } },
}));

function icons() {
  const bare = (drawing: string) =>
    drawing
      .replace(/<!--.*?-->\s*/s, '')
      .replace(/\s(class|xmlns)="[^"]*"/g, '')
      .replace('<svg', '<svg aria-hidden="true"');
  return Icons({ compiler: 'svelte', scale: 0, customCollections: { lucide: FileSystemIconLoader(`./node_modules/${ICONS}/icons`, bare) } });
}

/** A page has one script for the bundler; this one goes before it, and the letters of all text with it, so that text is seldom painted in others first and moved. */
function first(): Plugin {
  return {
    name: 'first',
    apply: 'build',
    transformIndexHtml: {
      order: 'post',
      handler(_, { bundle }) {
        const files = Object.values(bundle ?? {});
        const chunk = files.find((file) => file.type === 'chunk' && file.facadeModuleId?.endsWith(FIRST));
        const letters = files.find(({ fileName }) => LETTERS.test(fileName));
        if (!chunk || !letters) throw new Error(`${FIRST} or ${LETTERS} was not built.`);
        return [
          { tag: 'script', attrs: { type: 'module', crossorigin: true, src: `./${chunk.fileName}` }, injectTo: 'head-prepend' },
          { tag: 'link', attrs: { rel: 'preload', as: 'font', type: 'font/woff2', crossorigin: true, href: `./${letters.fileName}` }, injectTo: 'head' },
        ];
      },
    },
  };
}

/** What several views share comes in few files: each file that is asked for takes a turn on a poor line, and a browser asks for six at a time. */
function shared() {
  const OWN = /\/src\/lib\/|~icons/;
  return {
    groups: [
      { name: 'first', test: /\/src\/(first|pages)\.ts|lastDance|regexparam|preload-helper/, priority: 2 },
      { name: 'start', tags: ['$initial' as const], priority: 1 },
      { name: 'shared', test: OWN, minShareCount: 2 },
    ],
  };
}

/**
 * The program on a phone in a hall without a network: its pages are laid by, and of what it answers the last of each that is read there. What is private about people is not laid by, and what speaks of them only for some days.
 */
function offline() {
  const FORTNIGHT = 14 * 24 * 3600;
  /** From the evening on which the next lessons are looked at to the last of them. */
  const THREE_DAYS = 3 * 24 * 3600;
  return VitePWA({
    injectRegister: null,
    registerType: 'autoUpdate',
    manifest: {
      name: 'Fluid Frame',
      short_name: 'Fluid Frame',
      description: 'Figures, routines and lessons of a ballroom and Latin coach.',
      start_url: './#/today',
      display: 'standalone',
      background_color: '#f4ecdf',
      theme_color: '#23201c',
      icons: [
        { src: 'mark-192.png', sizes: '192x192', type: 'image/png' },
        { src: 'mark-512.png', sizes: '512x512', type: 'image/png', purpose: 'any' },
        { src: 'mark.svg', sizes: 'any', type: 'image/svg+xml' },
      ],
    },
    workbox: {
      globPatterns: ['**/*.{js,css,html,svg,png,woff2}'],
      navigateFallback: 'index.html',
      navigateFallbackDenylist: [/^\/api\//],
      cleanupOutdatedCaches: true,
      runtimeCaching: [
        {
          urlPattern: ({ url, request }) => request.method === 'GET' && /^\/api\/(people$|couples|lessons|today|notes|classes|events|progress)/.test(url.pathname),
          handler: 'NetworkFirst',
          options: { cacheName: 'people', networkTimeoutSeconds: 10, expiration: { maxEntries: 200, maxAgeSeconds: THREE_DAYS }, cacheableResponse: { statuses: [200] } },
        },
        {
          urlPattern: ({ url, request }) => request.method === 'GET' && url.pathname.startsWith('/api/') && !/^\/api\/(people\/|backups|book|status|openapi)/.test(url.pathname),
          handler: 'NetworkFirst',
          options: { cacheName: 'studio', networkTimeoutSeconds: 10, expiration: { maxEntries: 800, maxAgeSeconds: FORTNIGHT }, cacheableResponse: { statuses: [200] } },
        },
      ],
    },
  });
}
