/**
 * Puts the focus where the work goes on after a page was loaded or something was saved: at what the
 * page marks as its start, else at its heading. Whoever has gone on already is left where they are.
 */
export function workGoesOn(): void {
  const at = document.activeElement;
  if (at && at !== document.body && at.id !== 'page' && at.isConnected) return;
  const start = document.querySelector('main [data-start]');
  // Where there is no keyboard but one that covers half of the page, nothing is typed into unasked.
  const heading = start instanceof HTMLFormElement && matchMedia('(pointer: coarse)').matches;
  startHere(start && !heading ? start : document.querySelector('main h1'));
}

/** Puts the focus on an element, or on the first entry in it. */
export function startHere(element: Element | null): void {
  if (!(element instanceof HTMLElement)) return;
  const entry = element.matches('input, select, textarea, button, a[href]')
    ? element
    : element.matches('h1, h2')
      ? null
      : element.querySelector<HTMLElement>('input, select, textarea, button, a[href]');
  const to = entry instanceof HTMLElement ? entry : element;
  if (to === element && !entry) to.tabIndex = -1;
  to.focus({ preventScroll: true });
}
