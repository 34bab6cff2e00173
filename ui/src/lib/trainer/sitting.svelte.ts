import { answered, api } from '$lib/api/client';
import { Saving } from '$lib/api/saving.svelte';
import type { Schemas } from '$lib/interface/schemas';

export type Asks = Schemas['CaseCalled']['asks'];
export type Sure = NonNullable<Schemas['CaseCalled']['sure']>;

/** What can be said of a plant, in the order of its keys. */
export const CALLS: { value: Asks; words: string }[] = [
  { value: 'LEAVE', words: 'Leave it alone' },
  { value: 'WAIT', words: 'Move it, but later' },
  { value: 'MOVE', words: 'Move it now' },
  { value: 'DIVIDE', words: 'Divide it now' },
  { value: 'LET_GO', words: 'Let it go' },
];

/** How sure somebody is, by its key. */
export const SURE: { value: Sure; key: string; words: string }[] = [
  { value: 'GUESSED', key: 'g', words: 'A guess' },
  { value: 'FAIRLY', key: 'f', words: 'Fairly sure' },
  { value: 'SURE', key: 's', words: 'Sure' },
];

/** One case in hand: what was looked at, what is said of it, and what that was worth. */
export class CaseInHand {
  asks = $state<Asks>();
  how = $state<Schemas['CaseCalled']['how']>();
  sure = $state<Sure>();
  /** What each look showed that was taken first. */
  shown = $state<Record<string, Schemas['CaseSeen'][]>>({});
  judged = $state<Schemas['CaseJudged']>();
  readonly saving = new Saving();
  readonly looking = new Saving();
  readonly asked: Schemas['NextCase'];

  constructor(asked: Schemas['NextCase']) {
    this.asked = asked;
  }

  call(what: string) {
    const call = CALLS.find(({ value }) => value === what);
    if (!call || this.judged) return;
    this.asks = call.value;
    if (call.value !== 'MOVE') this.how = undefined;
  }

  /** By the way of that name, where the plant is moved now. */
  by(name: string) {
    const way = this.asked.plant?.ways.find((each) => each.way === name);
    if (way && this.asks === 'MOVE' && !this.judged) this.how = way.way;
  }

  /** Said once it is so sure; said twice it is left open again. */
  isSure(how: string) {
    const sure = SURE.find(({ value }) => value === how);
    if (sure && !this.judged) this.sure = this.sure === sure.value ? undefined : sure.value;
  }

  async look(item: string) {
    if (this.judged || this.shown[item]) return;
    const path = { key: this.asked.key, item };
    const look = await this.looking.save(() =>
      answered(api.GET('/api/trainer/cases/{key}/looks/{item}', { params: { path } })),
    );
    if (look) this.shown[item] = look.seen;
  }

  /** Whether enough is said: who moves a plant says how. */
  get ready(): boolean {
    return !!this.asks && (this.asks !== 'MOVE' || !!this.how);
  }

  async judge() {
    if (!this.ready || this.judged) return;
    const body = {
      asks: this.asks!,
      how: this.how ?? null,
      looked: Object.keys(this.shown),
      sure: this.sure ?? null,
    };
    this.judged = await this.saving.save((headers) =>
      answered(
        api.POST('/api/trainer/cases/{key}/answer', {
          params: { path: { key: this.asked.key } },
          headers,
          body,
        }),
      ),
    );
  }

  async name(taken: string) {
    if (this.judged) return;
    this.judged = await this.saving.save((headers) =>
      answered(
        api.POST('/api/trainer/drawings/{key}/answer', {
          params: { path: { key: this.asked.key } },
          headers,
          body: { taken, sure: this.sure ?? null },
        }),
      ),
    );
  }
}
