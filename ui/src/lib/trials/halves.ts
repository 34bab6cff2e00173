interface Named {
  id: number;
  name: string;
}

/** What parts of one plant are called alike; the number behind tells them apart. */
const base = (name: string) => name.replace(/ \([^()]*\)$/, '');

/** All other plants, those that may be another piece of the same first. */
export function halvesFirst<T extends Named>(plants: T[], of: number): T[] {
  const name = base(plants.find(({ id }) => id === of)?.name ?? '');
  const others = plants.filter(({ id }) => id !== of);
  const pieces = others.filter((plant) => base(plant.name) === name);
  return [...pieces, ...others.filter((plant) => !pieces.includes(plant))];
}

/** Where a trial of plants that were moved together begins. */
export const ofAll = (plants: number[]) => `/trials?${plants.map((id) => `plant=${id}`).join('&')}`;
