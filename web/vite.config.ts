import { svelte } from '@sveltejs/vite-plugin-svelte';
import tailwindcss from '@tailwindcss/vite';
import { compression } from 'vite-plugin-compression2';
import { defineConfig } from 'vitest/config';
import { fontLicences } from './scripts/fontLicences';

export default defineConfig(({ mode }) => ({
  /** Served as they are to browsers that take them so; fonts are compressed in themselves. */
  plugins: [tailwindcss(), svelte(), fontLicences(), compression({ algorithms: ['gzip', 'brotliCompress'], include: /\.(js|css|svg|html)$/ })],
  base: './',
  resolve: { alias: { $lib: '/src/lib' }, conditions: mode === 'test' ? ['browser'] : undefined },
  test: { include: ['src/**/*.test.ts'] },
  build: { outDir: 'target/site', emptyOutDir: true, license: { fileName: 'licences/pages.txt' } },
  server: { proxy: { '/api': 'http://localhost:8080' } },
}));
