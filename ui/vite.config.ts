import { sveltekit } from '@sveltejs/kit/vite';
import tailwindcss from '@tailwindcss/vite';
import { svelteTesting } from '@testing-library/svelte/vite';
import license from 'rollup-plugin-license';
import { defineConfig } from 'vitest/config';

/** What ships with the interface says its licence beside it; see ui/pom.xml. */
const notices = 'notices/interface.txt';

export default defineConfig({
  plugins: [
    tailwindcss(),
    sveltekit(),
    license({
      thirdParty: {
        includePrivate: false,
        allow: {
          test: '(MIT OR ISC OR BSD-3-Clause OR BSD-2-Clause OR Apache-2.0 OR OFL-1.1)',
          failOnUnlicensed: true,
          failOnViolation: true,
        },
        output: { file: notices },
      },
    }),
  ],
  build: { rolldownOptions: { checks: { pluginTimings: false } } },
  server: { proxy: { '/api': 'http://127.0.0.1:8484' } },
  test: {
    // So long on a machine that has much else to do.
    testTimeout: 30_000,
    projects: [
      {
        extends: true,
        test: { name: 'rules', include: ['src/**/*.test.ts'], exclude: ['src/**/*.dom.test.ts'] },
      },
      {
        extends: true,
        plugins: [svelteTesting()],
        test: { name: 'components', include: ['src/**/*.dom.test.ts'], environment: 'jsdom' },
      },
    ],
  },
});
