const UNITS = ['bytes', 'kB', 'MB', 'GB', 'TB'];

/** "1.2 GB": a length of files as disks are sold. */
export function bytes(count: number): string {
  let left = count;
  let unit = 0;
  while (left >= 1000 && unit < UNITS.length - 1) {
    left /= 1000;
    unit++;
  }
  const digits = unit > 0 && left < 10 ? 1 : 0;
  return `${left.toFixed(digits)} ${UNITS[unit]}`;
}
