import { select } from 'd3-selection';
import { zoom, zoomIdentity } from 'd3-zoom';
import { LEAST_DAYS, MOST_DAYS, type View } from './days';

/**
 * Lets a view be dragged with the mouse, zoomed with two fingers or the wheel and Ctrl, and pushed
 * sideways with the wheel; one finger and the wheel alone scroll the list as ever.
 *
 * @param view the view as it stands
 * @param shown takes the view over
 */
export function zooming(
  element: HTMLElement,
  view: () => View,
  width: () => number,
  shown: (view: View) => void,
): () => void {
  let begun = view();
  const behaviour = zoom<HTMLElement, unknown>()
    .scaleExtent([0, Infinity])
    .filter((event: Event) => {
      if (event instanceof WheelEvent) return event.ctrlKey || event.metaKey;
      if (event.type.startsWith('touch')) return (event as TouchEvent).touches.length > 1;
      return (event as MouseEvent).button === 0;
    })
    .on('start', () => (begun = view()))
    .on('zoom', ({ transform }: { transform: { k: number; x: number } }) => {
      const days = Math.min(MOST_DAYS, Math.max(LEAST_DAYS, begun.days / transform.k));
      const pxADay = width() / begun.days;
      shown({ from: begun.from - transform.x / transform.k / pxADay, days });
    })
    .on('end', () => {
      // Each gesture begins from the view that it found.
      (element as { __zoom?: unknown }).__zoom = zoomIdentity;
    });
  const sideways = (event: WheelEvent) => {
    const by = event.shiftKey && !event.deltaX ? event.deltaY : event.deltaX;
    if (event.ctrlKey || Math.abs(by) <= Math.abs(event.shiftKey ? 0 : event.deltaY)) return;
    event.preventDefault();
    const { from, days } = view();
    shown({ from: from + (by * days) / width(), days });
  };
  const selected = select(element);
  selected.call(behaviour).on('dblclick.zoom', null);
  element.addEventListener('wheel', sideways, { passive: false });
  return () => {
    selected.on('.zoom', null);
    element.removeEventListener('wheel', sideways);
  };
}
