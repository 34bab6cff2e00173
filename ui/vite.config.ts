import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [tailwindcss(), sveltekit()],
  build: { rolldownOptions: { checks: { pluginTimings: false } } },
  server: { proxy: { '/api': 'http://127.0.0.1:8484' } },
  test: { include: ['src/**/*.test.ts'] },
});
