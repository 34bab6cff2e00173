import { shortcut } from '$lib/forms/shortcut.svelte';
import type { AtPlant } from './atPlant.svelte';

/** What keys can do in a round. */
export interface RoundDeeds {
  next: () => void;
  undo: () => void;
  pullAside: () => void;
  pick: (item: string, answer: string) => void;
}

/** The whole round by keys: digits answer a row, Enter goes on. */
export function roundKeys(event: KeyboardEvent, here: AtPlant, deeds: RoundDeeds): void {
  const key = shortcut(event);
  const typing = event.target instanceof HTMLInputElement;
  const rows = here.shown;
  const down = () => (here.row = Math.min(rows.length - 1, here.row + 1));
  if (
    event.key === 'Enter' &&
    !event.ctrlKey &&
    !event.metaKey &&
    !event.altKey &&
    !(event.target instanceof HTMLButtonElement)
  ) {
    event.preventDefault();
    if (typing) (event.target as HTMLInputElement).blur();
    deeds.next();
  } else if (typing && !event.altKey) return;
  else if (key === '=') here.same();
  else if (key === 'p') deeds.pullAside();
  else if (key === 'u') deeds.undo();
  else if (key === 'ArrowDown') down();
  else if (key === 'ArrowUp') here.row = Math.max(0, here.row - 1);
  else if (/^[1-9]$/.test(key ?? '')) {
    const choice = rows[here.row];
    const answer = choice?.answers[Number(key) - 1];
    if (!choice || !answer) return;
    deeds.pick(choice.item, answer.answer);
    if (!choice.several) down();
  }
  if (key?.startsWith('Arrow')) event.preventDefault();
}
