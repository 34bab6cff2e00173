import { storage } from '$lib/interface/storage.svelte';
import { typedInto } from './typedInto';

/** How the single keys of pages are pressed: by themselves, with Alt held, or not at all. */
export type KeyUse = 'ALONE' | 'ALT' | 'OFF';

const KEPT = 'almanac.keys';

function begun(): KeyUse {
  const kept = storage.text(KEPT);
  return kept === 'ALT' || kept === 'OFF' ? kept : 'ALONE';
}

let use = $state<KeyUse>(begun());

/** What was chosen in this browser; the hints of keys go by it. */
export const keyUse = {
  get chosen() {
    return use;
  },
  choose(next: KeyUse) {
    use = next;
    storage.keep(KEPT, next);
    showKeys();
  },
};

export function showKeys(): void {
  document.documentElement.dataset.keys = use.toLowerCase();
}

/**
 * The key that was pressed for a page, as it stands in its hints; nothing where text is typed, where
 * it is meant for the browser, or where single keys are switched off. Arrows and the like always
 * count.
 */
export function shortcut(event: KeyboardEvent): string | undefined {
  if (event.key.length > 1 && !event.altKey) return typedInto(event) ? undefined : event.key;
  if (event.ctrlKey || event.metaKey || use === 'OFF') return undefined;
  if (event.altKey !== (use === 'ALT')) return undefined;
  return use === 'ALT' || !typedInto(event) ? plain(event) : undefined;
}

/** With Alt held some keyboards make other letters; the key itself is meant. */
function plain(event: KeyboardEvent): string {
  const key = /^(?:Key([A-Z])|(?:Digit|Numpad)([0-9]))$/.exec(event.code ?? '');
  return event.altKey && key ? (key[1]?.toLowerCase() ?? key[2]!) : event.key;
}
