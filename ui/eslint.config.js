import js from '@eslint/js';
import svelte from 'eslint-plugin-svelte';
import globals from 'globals';
import ts from 'typescript-eslint';

export default ts.config(
  { ignores: ['build/', '.svelte-kit/', 'src/lib/interface/schema.d.ts', 'target/'] },
  js.configs.recommended,
  ...ts.configs.recommended,
  ...svelte.configs.recommended,
  { languageOptions: { globals: { ...globals.browser, ...globals.node } } },
  {
    files: ['**/*.svelte', '**/*.svelte.ts'],
    languageOptions: { parserOptions: { parser: ts.parser } },
  },
  {
    // One idea each: what is longer is parted.
    files: ['**/*.svelte'],
    rules: { 'max-lines': ['error', 150] },
  },
  {
    // The program is served from the root of its own address.
    rules: { 'svelte/no-navigation-without-resolve': 'off' },
  },
);
