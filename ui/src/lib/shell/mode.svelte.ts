type Mode = 'day' | 'lamp';

const KEPT = 'almanac-mode';

function initial(): Mode {
  const kept = localStorage.getItem(KEPT);
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
    localStorage.setItem(KEPT, mode);
    show();
  },
};

export function show(): void {
  document.documentElement.dataset.mode = mode === 'lamp' ? 'dark' : 'light';
}
