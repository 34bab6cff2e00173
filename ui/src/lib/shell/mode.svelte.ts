import { storage } from '$lib/interface/storage.svelte';

type Mode = 'day' | 'lamp';

const KEPT = 'almanac-mode';

function initial(): Mode {
  const kept = storage.text(KEPT);
  if (kept === 'day' || kept === 'lamp') return kept;
  return matchMedia('(prefers-color-scheme: dark)').matches ? 'lamp' : 'day';
}

let mode = $state<Mode>(initial());

/** Paper by day or lamp in the evening; kept in this browser. */
export const lamp = {
  get on() {
    return mode === 'lamp';
  },
  set(on: boolean) {
    mode = on ? 'lamp' : 'day';
    storage.keep(KEPT, mode);
    show();
  },
};

export function show(): void {
  document.documentElement.dataset.mode = mode === 'lamp' ? 'dark' : 'light';
}
