import type { QueryClient } from '@tanstack/svelte-query';
import { answered, api } from '$lib/api/client';
import type { Schemas } from '$lib/interface/schemas';
import { Trying } from '$lib/api/trying.svelte';
import { entriesOf, looked, untouched, type TypedLook } from '$lib/looks/looks';
import { takeBack } from '$lib/shell/toaster';
import { outbox } from './outbox.svelte';
import type { Tick, Walk } from './walk.svelte';

type Plant = Schemas['PlantPage'];
type Choice = Schemas['LookChoice'];

/** The plant at which the round stands: what is tapped, what would follow, and the way on. */
export class AtPlant {
  readonly #walk: () => Walk;
  readonly #choices: () => Choice[];
  readonly #plant: () => Plant | undefined;
  readonly trying = new Trying<Schemas['WouldBe']>(150);
  /** What was tapped last, for the sentence that says what it changed. */
  tappedSince = $state('');
  /** The row that the keys answer. */
  row = $state(0);

  /**
   * @param plant the one at which the round stands, once it was looked up
   */
  constructor(walk: () => Walk, choices: () => Choice[], plant: () => Plant | undefined) {
    this.#walk = walk;
    this.#choices = choices;
    this.#plant = plant;
  }

  /** The rows that are shown. */
  get shown(): Choice[] {
    return this.#items.flatMap(
      (item) => this.#choices().find((choice) => choice.item === item) ?? [],
    );
  }

  /** Those of the round, and what a trial wants to know besides once its look is due. */
  get #items(): string[] {
    const { items } = this.#walk();
    const plant = this.#plant();
    const due = plant?.checks.some((each) => each.purpose === 'TRIAL' && each.urgency !== 'LATER');
    const wanted = due ? plant!.trials.flatMap(({ looks }) => looks) : [];
    return [...items, ...wanted].filter((item, at, all) => all.indexOf(item) === at);
  }

  /** What was tapped, as it is sent. */
  get entries(): Schemas['NewInspection']['looks'] {
    return entriesOf(this.#walk().looks, this.#choices()) as Schemas['NewInspection']['looks'];
  }

  get lookedAt(): boolean {
    return Object.values(this.#walk().looks).some(looked);
  }

  /** What is asked of the plant today that no row answers. */
  get asked(): Schemas['CheckView'][] {
    return (this.#plant()?.checks ?? []).filter(
      ({ byLooking, urgency, ticks }) => !byLooking && urgency !== 'LATER' && ticks.length,
    );
  }

  /** How such a check was answered. */
  tickOf(check: string): Tick | undefined {
    return this.#walk().ticks?.[check];
  }

  /** Answers it, or takes the same answer back. */
  tick(check: string, answer: Tick): void {
    const { [check]: had, ...others } = this.#walk().ticks ?? {};
    this.#walk().ticks = had === answer ? others : { ...others, [check]: answer };
    this.#walk().taps++;
  }

  /** Whether anything was looked at or answered. */
  get answered(): boolean {
    return this.lookedAt || Object.keys(this.#walk().ticks ?? {}).length > 0;
  }

  /** The slip as it would be by what was tapped. */
  get slip(): Schemas['Slip'] | undefined {
    return this.trying.answer?.slip ?? this.#plant()?.slip ?? undefined;
  }

  look(item: string): TypedLook {
    return this.#walk().looks[item] ?? untouched();
  }

  set(item: string, look: TypedLook): void {
    this.#walk().looks[item] = look;
  }

  /** What was seen of an item last time. */
  last(item: string): Schemas['LookEntry'] | undefined {
    const lines = this.#plant()?.journal ?? [];
    return lines.find((line) => line.standing === 'HOLDS' && line.looks[item])?.looks[item];
  }

  tapped(title: string): void {
    this.#walk().taps++;
    this.tappedSince = title;
  }

  /** Asks what would follow; for an effect. */
  judge(): (() => void) | undefined {
    const id = this.#walk().stops[this.#walk().at]?.plantId;
    const looks = this.entries;
    return this.trying.ask(
      id && Object.keys(looks).length
        ? () =>
            answered(
              api.POST('/api/plants/{id}/what-if', {
                params: { path: { id } },
                body: { looks, figures: {} },
              }),
            )
        : undefined,
    );
  }

  /** Whether what is known of an item is too old to speak for today. */
  grownOld(item: string): boolean {
    return this.#plant()?.slip?.stale.includes(item) ?? false;
  }

  /** What is asked nothing of here and has grown too old as well, by title. */
  get oldBesides(): string[] {
    const shown = this.#items;
    return (this.#plant()?.slip?.stale ?? [])
      .filter((item) => !shown.includes(item))
      .flatMap((item) => this.#choices().find((choice) => choice.item === item)?.title ?? []);
  }

  /** What one sees in passing is as it was; tests, lengths and searches stay as old as they are. */
  same(): void {
    for (const { item, inPassing } of this.shown) {
      const known = this.last(item);
      if (inPassing && known?.answers.length && !looked(this.look(item)))
        this.set(item, { answers: [...known.answers], measured: '' });
    }
    this.tapped('same as last time');
  }

  go(at: number): void {
    const walk = this.#walk();
    walk.at = Math.max(0, Math.min(walk.stops.length, at));
    walk.looks = {};
    walk.ticks = {};
    this.trying.ask(undefined);
    this.tappedSince = '';
    this.row = 0;
  }

  /** Writes down what was tapped and goes on; false if that cannot be right. */
  next(client: QueryClient): boolean {
    const walk = this.#walk();
    const stop = walk.stops[walk.at];
    const plant = this.#plant();
    if (!stop || !plant || this.trying.problem?.faults.length) return false;
    walk.taps++;
    const body = { on: plant.today, looks: this.entries, note: '', corrects: null };
    const ticked = Object.entries(walk.ticks ?? {}).map(([check, answer]) =>
      outbox.put(client, stop.plantId, stop.name, { kind: 'CHECK', check, body: { answer } }),
    );
    walk.ticked = { ...walk.ticked, [stop.plantId]: ticked };
    walk.left[stop.plantId] = this.lookedAt
      ? outbox.put(client, stop.plantId, stop.name, { kind: 'LOOK', body })
      : (ticked[0] ?? 'passed');
    this.go(walk.at + 1);
    return true;
  }

  /** Back to the plant before, and what was written of it is taken back. */
  async undo(client: QueryClient): Promise<void> {
    const walk = this.#walk();
    if (walk.at === 0) return;
    const before = walk.stops[walk.at - 1]!;
    const left = walk.left[before.plantId];
    const ticked = walk.ticked?.[before.plantId] ?? [];
    delete walk.left[before.plantId];
    delete walk.ticked?.[before.plantId];
    this.go(walk.at - 1);
    await this.#unsend(client, left);
    for (const key of ticked.filter((each) => each !== left)) await this.#unsend(client, key);
  }

  async #unsend(client: QueryClient, key: string | undefined): Promise<void> {
    if (!key || key === 'passed' || outbox.recall(key)) return;
    const sent = outbox.arrived.find((each) => each.key === key);
    if (sent) await takeBack(client, sent.act);
  }

  /** Pulls the plant aside for the bench, or puts it back. */
  pullAside(client: QueryClient): void {
    const walk = this.#walk();
    const stop = walk.stops[walk.at];
    if (!stop) return;
    walk.taps++;
    const aside = stop.asideOn == null;
    stop.asideOn = aside ? (this.#plant()?.today ?? null) : null;
    const body = { plants: [stop.plantId], aside };
    outbox.put(client, stop.plantId, stop.name, { kind: 'ASIDE', body });
  }
}
