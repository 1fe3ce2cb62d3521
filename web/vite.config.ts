import { svelte } from '@sveltejs/vite-plugin-svelte';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [tailwindcss(), svelte()],
  base: './',
  resolve: { alias: { $lib: '/src/lib' } },
  build: { outDir: 'target/site', emptyOutDir: true },
  server: { proxy: { '/api': 'http://localhost:8080' } },
});
