import { shortcut } from '$lib/forms/shortcut.svelte';

/** Which look somebody wants to know more about; nothing while nobody asks. */
export const asked = $state({ item: '' });

/** The key "?" asks about the row one is in, or whose turn it is; where text is typed it is text. */
export function askByKey(event: KeyboardEvent): void {
  const at = document.activeElement;
  if (shortcut(event) !== '?') return;
  const row = at?.closest('[data-look]') ?? document.querySelector('.current[data-look]');
  if (row instanceof HTMLElement) asked.item = row.dataset['look'] ?? '';
}
