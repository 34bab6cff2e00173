/** What text is typed into. */
export const ENTRIES = 'input:not([type=radio], [type=checkbox]), select, textarea';

/** Whether a key goes into an entry, or is meant for the browser; then it means nothing else. */
export function typedInto(event: KeyboardEvent): boolean {
  return (
    event.ctrlKey ||
    event.metaKey ||
    event.altKey ||
    (event.target instanceof Element && event.target.matches(ENTRIES))
  );
}
