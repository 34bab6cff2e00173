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
  if (event.ctrlKey || event.metaKey || event.altKey) return;
  const typing = event.target instanceof HTMLInputElement;
  const rows = here.shown;
  const down = () => (here.row = Math.min(rows.length - 1, here.row + 1));
  if (event.key === 'Enter' && !(event.target instanceof HTMLButtonElement)) {
    event.preventDefault();
    if (typing) (event.target as HTMLInputElement).blur();
    deeds.next();
  } else if (typing) return;
  else if (event.key === '=') here.same();
  else if (event.key === 'p') deeds.pullAside();
  else if (event.key === 'u') deeds.undo();
  else if (event.key === 'ArrowDown') down();
  else if (event.key === 'ArrowUp') here.row = Math.max(0, here.row - 1);
  else if (/^[1-9]$/.test(event.key)) {
    const choice = rows[here.row];
    const answer = choice?.answers[Number(event.key) - 1];
    if (!choice || !answer) return;
    deeds.pick(choice.item, answer.answer);
    if (!choice.several) down();
  }
  if (event.key.startsWith('Arrow')) event.preventDefault();
}
