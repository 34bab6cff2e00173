import { answered, api, problemOf, type Problem } from '$lib/api/client';
import type { Schemas } from '$lib/interface/schemas';
import { storage } from '$lib/interface/storage.svelte';
import { newKey } from '$lib/api/once';
import type { MapChange, Mark, PlantMap } from '$lib/rhizome/map';
import { left } from './waits';

export type Job = Schemas['JobPage'];
export type Told = Schemas['JobTold'];
export type Task = Schemas['StepView']['task'];
export type Fate = keyof Schemas['TallyEntry']['counts'] & string;

/** As it is sent; a proxy of the page cannot be kept. */
const plain = (map: PlantMap): PlantMap => JSON.parse(JSON.stringify(map)) as PlantMap;

/** Told again in this browser until the program has it: a closed lid loses nothing. */
const kept = (uid: string) => `almanac.job.${uid}`;

/** The steps that are done anew when the fill is begun again. */
const OF_THE_FILL: Task[] = ['LEVEL', 'FILL', 'TOP', 'HOLD'];

/** A job while somebody works on it: what is told is shown at once and kept in the background. */
export class AtBench {
  job = $state() as Job;
  told = $state() as Told;
  problem = $state<Problem>();
  /** Whether something is not kept by the program yet. */
  waiting = $state(false);
  #sending: Promise<void> | undefined;
  /** This page, by which the program knows what it told itself when no answer came. */
  #page = newKey();
  #turn = 0;

  constructor(job: Job) {
    this.job = job;
    const before = this.#before(job);
    this.told = before ?? job.told;
    if (!before) return;
    this.#page = before.by?.page ?? this.#page;
    this.#turn = before.by?.turn ?? 0;
    void this.#send();
  }

  get steps(): Schemas['StepView'][] {
    return this.job.steps;
  }

  state(task: Task): Schemas['StepView']['state'] {
    if (this.told.done.includes(task)) return 'DONE';
    return this.told.skipped.includes(task) ? 'SKIPPED' : 'OPEN';
  }

  /** Where it is: at the step it was left at, or at the first that is open. */
  get at(): number {
    const left = this.steps.findIndex((step) => step.task === this.told.at);
    if (left >= 0) return left;
    const open = this.steps.findIndex((step) => this.state(step.task) === 'OPEN');
    return open >= 0 ? open : this.steps.length - 1;
  }

  get step(): Schemas['StepView'] {
    return this.steps[this.at]!;
  }

  get last(): boolean {
    return this.at === this.steps.length - 1;
  }

  /** Whether a step of it was done or left out already. */
  get begun(): boolean {
    return this.told.done.length + this.told.skipped.length > 0;
  }

  done(): void {
    this.#leave('done');
  }

  skip(): void {
    this.#leave('skipped');
  }

  go(at: number): void {
    const step = this.steps[Math.max(0, Math.min(this.steps.length - 1, at))];
    if (step) this.tell({ at: step.task });
  }

  /** It did not sit right: out again, and the fill from the beginning. */
  fillAgain(): void {
    const fill = this.steps.find((step) => OF_THE_FILL.includes(step.task));
    this.tell({
      done: this.told.done.filter((task) => !OF_THE_FILL.includes(task)),
      skipped: this.told.skipped.filter((task) => !OF_THE_FILL.includes(task)),
      at: fill?.task ?? null,
    });
  }

  /** So many roots more, or fewer, of one fate. */
  count(fate: Fate, more: number, byEye = false): void {
    const { tally } = this.told;
    const count = Math.max(0, (tally.counts[fate] ?? 0) + more);
    this.tell({
      tally: { counts: { ...tally.counts, [fate]: count }, byEye: tally.byEye || byEye },
    });
  }

  /** The plant as it is drawn: as it was told, or as it is proposed. */
  get map(): PlantMap | undefined {
    return this.told.dividing?.map ?? this.job.dividing?.map;
  }

  /** What follows for its growths, as the program said last. */
  get marks(): Mark[] {
    return this.job.dividing?.marks ?? [];
  }

  /** Changed by the program; nothing comes back where it refuses or does not answer. */
  async redraw(change: MapChange): Promise<PlantMap | undefined> {
    try {
      const { map } = await answered(
        api.POST('/api/maps', { body: { map: plain(this.map!), ...change } }),
      );
      this.draw(map);
      this.problem = undefined;
      return map;
    } catch (failure) {
      this.problem = problemOf(failure);
      return undefined;
    }
  }

  get cuts(): number[] {
    return this.told.dividing?.cuts ?? [];
  }

  /** Drawn anew; cuts stay where they were made. */
  draw(map: PlantMap): void {
    const made = this.cuts.map((joint) => this.map!.joints[joint]!);
    const cuts = made
      .map(({ one, other }) =>
        map.joints.findIndex((joint) => joint.one === one && joint.other === other),
      )
      .filter((joint) => joint >= 0);
    this.#divide({ map: plain(map), cuts });
  }

  /** Cuts a joint, or leaves it whole after all. */
  cut(joint: number): void {
    this.cutAt(
      this.cuts.includes(joint)
        ? this.cuts.filter((each) => each !== joint)
        : [...this.cuts, joint],
    );
  }

  /** Cuts these joints and no others; pieces that stay together stay this plant. */
  cutAt(cuts: number[], staying: string[] = []): void {
    this.#divide({
      cuts,
      pieces: Object.fromEntries(
        staying.map((key) => [key, { fate: 'STAYS' as const, pot: null, potItem: null, to: null }]),
      ),
    });
  }

  /** What becomes of a piece. */
  become(key: string, piece: Schemas['PieceEntry']): void {
    this.#divide({ pieces: { ...this.told.dividing?.pieces, [key]: piece } });
  }

  #divide(more: Partial<Schemas['DividingEntry']>): void {
    const before = this.told.dividing ?? { map: null, cuts: [], pieces: {} };
    this.tell({ dividing: { ...before, ...more } });
  }

  /** One step more, where it belongs; it is done next. */
  add(task: Task): void {
    this.tell({ added: [...this.told.added, task], at: task });
  }

  /** Tells more of it; shown at once, kept as soon as the program answers. */
  tell(more: Partial<Told>): void {
    this.told = { ...this.told, ...more, by: { page: this.#page, turn: ++this.#turn } };
    this.#keep();
    void this.#send();
  }

  #keep(): void {
    storage.keep(kept(this.job.uid), { version: this.job.version, told: this.told });
  }

  /** Once everything told is kept; nothing comes back if that cannot be. */
  async settled(): Promise<Job | undefined> {
    await this.#sending;
    if (this.waiting) await this.#send();
    return this.waiting ? undefined : this.job;
  }

  /** Nothing is to be told of it any more. */
  leave(): void {
    storage.forget(kept(this.job.uid));
  }

  #leave(as: 'done' | 'skipped'): void {
    const { task } = this.step;
    const other = as === 'done' ? 'skipped' : 'done';
    const next = this.steps[this.at + 1];
    this.tell({
      [as]: [...this.told[as].filter((each) => each !== task), task],
      [other]: this.told[other].filter((each) => each !== task),
      at: next?.task ?? task,
      // What has rung was heard by whoever goes on.
      timers: this.told.timers.filter(({ rings }) => left(rings, Date.now())),
    });
  }

  #before(job: Job): Told | undefined {
    const before = storage.value<{ version: number; told: Told }>(kept(job.uid));
    if (!before) return undefined;
    const { version, told } = before;
    const unanswered = job.version === version + 1 && job.told.by?.page === told.by?.page;
    return version === job.version || (told.by && unanswered) ? told : undefined;
  }

  #send(): Promise<void> {
    this.waiting = true;
    this.#sending ??= this.#sendAll().finally(() => (this.#sending = undefined));
    return this.#sending;
  }

  /** What is told while something is on its way goes after it. */
  async #sendAll(): Promise<void> {
    try {
      for (let sent: Told | undefined; sent !== this.told;) {
        sent = this.told;
        this.job = await answered(
          api.PUT('/api/jobs/{uid}', {
            params: { path: { uid: this.job.uid }, query: { version: this.job.version } },
            body: $state.snapshot(sent) as Told,
          }),
        );
        this.problem = undefined;
        if (sent !== this.told) this.#keep();
      }
      this.waiting = false;
      storage.forget(kept(this.job.uid));
    } catch (failure) {
      this.problem = problemOf(failure);
    }
  }
}
