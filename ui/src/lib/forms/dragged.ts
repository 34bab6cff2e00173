import { TRIGGERS, type DndEvent, type Item, type Options } from 'svelte-dnd-action';

/**
 * What the places of one kind of thing have in common: things are carried by mouse or by a finger
 * that rests on them; with the keyboard each has a way of its own.
 */
export function zone<T extends Item>(type: string, items: T[], dragDisabled = false): Options<T> {
  return {
    type,
    items,
    dragDisabled,
    flipDurationMs: 120,
    dropTargetStyle: {},
    dropTargetClasses: ['open'],
    delayTouchStart: 250,
    useCursorForDetection: true,
    autoAriaDisabled: true,
    zoneTabIndex: -1,
    zoneItemTabIndex: -1,
  };
}

/** Which thing was let go here, and before which; nothing where it went elsewhere or came back. */
export function dropped<T extends Item>(
  { items, info }: DndEvent<T>,
  before: T[],
): { item: T; at: number } | undefined {
  if (info.trigger !== TRIGGERS.DROPPED_INTO_ZONE) return undefined;
  const at = items.findIndex(({ id }) => String(id) === String(info.id));
  const item = items[at];
  return !item || before[at]?.id === item.id ? undefined : { item, at };
}
