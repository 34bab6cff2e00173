import { shortcut } from '$lib/forms/shortcut.svelte';
import { startHere } from '$lib/forms/start';
import type { Section } from './inspectionSheet';

/** Keys go from section to section: with Alt anywhere, by themselves where nothing is typed. */
export function sheetKeys(event: KeyboardEvent, sections: Section[], save: () => void): void {
  if (event.key === 'Enter' && (event.ctrlKey || event.metaKey)) {
    event.preventDefault();
    save();
    return;
  }
  if (event.ctrlKey || event.metaKey || (!event.altKey && shortcut(event) === undefined)) return;
  const digit = /^(?:Digit|Numpad)([0-9])$/.exec(event.code)?.[1];
  const section = sections[Number(digit) - 1];
  if (digit === undefined || (digit !== '0' && !section)) return;
  event.preventDefault();
  goTo(digit === '0' ? 'end' : `section-${section!.key}`);
}

function goTo(place: string): void {
  const at = document.getElementById(place);
  if (at instanceof HTMLDetailsElement) at.open = true;
  startHere(at instanceof HTMLDetailsElement ? at.querySelector('fieldset input') : at);
  at?.scrollIntoView({ block: 'start' });
}
