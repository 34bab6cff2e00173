import { shortcut } from '$lib/forms/shortcut.svelte';
import { CALLS, SURE, type CaseInHand } from './sitting.svelte';

const HOWS = ['q', 'w', 'e', 'r', 't'];

/** The key of a way to move a plant, by its place. */
export const howKey = (place: number) => HOWS[place] ?? '';

/** Answers a case by the keys that stand beside its choices; Enter judges, and goes on. */
export function caseKeys(event: KeyboardEvent, hand: CaseInHand, next: () => void): void {
  const key = shortcut(event);
  if (key === undefined) return;
  if (key === 'Enter') {
    if (event.target instanceof HTMLElement && event.target.closest('button, a, summary')) return;
    if (hand.judged) next();
    else void hand.judge();
    return;
  }
  if (hand.judged) return;
  const sure = SURE.find((each) => each.key === key);
  if (sure) hand.isSure(sure.value);
  const place = Number(key) - 1;
  const { drawing, plant } = hand.asked;
  if (drawing) {
    const named = drawing.names[place];
    if (named) void hand.name(named.answer);
  } else if (plant) {
    const call = CALLS[place];
    if (call) hand.call(call.value);
    const way = plant.ways[HOWS.indexOf(key)];
    if (way) hand.by(way.way);
  }
}
