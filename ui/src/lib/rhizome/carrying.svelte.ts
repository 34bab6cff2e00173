import { moved, type PlantMap, type Spot } from './map';

const STEP_MM = 2;
const ARROWS: Record<string, Spot> = {
  ArrowUp: { x: 0, y: STEP_MM },
  ArrowDown: { x: 0, y: -STEP_MM },
  ArrowLeft: { x: -STEP_MM, y: 0 },
  ArrowRight: { x: STEP_MM, y: 0 },
};

/** A growth that is carried over the drawing, by hand or with the arrow keys. */
export class Carrying {
  #held = $state.raw<{ name: string; from: Spot; map: PlantMap }>();

  /** The map as it lies while something is carried. */
  get map(): PlantMap | undefined {
    return this.#held?.map;
  }

  take(name: string, from: Spot, map: PlantMap): void {
    this.#held = { name, from, map };
  }

  pull(at: Spot, map: PlantMap): void {
    if (!this.#held) return;
    const { name, from } = this.#held;
    this.#held = { name, from, map: moved(map, name, { x: at.x - from.x, y: at.y - from.y }) };
  }

  /** The map it leaves; nothing after a tap that only shook a little. */
  drop(at: Spot): PlantMap | undefined {
    const held = this.#held;
    this.#held = undefined;
    if (!held) return undefined;
    return Math.hypot(at.x - held.from.x, at.y - held.from.y) > STEP_MM ? held.map : undefined;
  }

  leave(): void {
    this.#held = undefined;
  }
}

/** The map after an arrow key; nothing if the key is none. */
export function stepped(map: PlantMap, name: string, key: string): PlantMap | undefined {
  const by = ARROWS[key];
  return by && moved(map, name, by);
}
