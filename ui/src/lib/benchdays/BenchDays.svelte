<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import { askAgain, KEYS } from '$lib/api/keys';
  import { benchDays, sitePage } from '$lib/api/queries';
  import { Saving } from '$lib/api/saving.svelte';
  import FormHead from '$lib/forms/FormHead.svelte';
  import { faultOf } from '$lib/forms/faults';
  import Waiting from '$lib/forms/Waiting.svelte';
  import type { Schemas } from '$lib/interface/schemas';
  import { undoable } from '$lib/shell/toaster';
  import { count } from '$lib/words/counts';
  import { short } from '$lib/words/dates';
  import AddDay from './AddDay.svelte';
  import DayCard from './DayCard.svelte';
  import JobRow from './JobRow.svelte';
  import JobsOfDay from './JobsOfDay.svelte';
  import { laid, nextFree, type Wishes, wishesOf, withDay, withoutDay } from './wishes';

  const client = useQueryClient();
  const plan = benchDays();
  const site = sitePage();
  const saving = new Saving();
  const today = $derived(site.data?.today ?? '');
  const days = $derived(plan.data?.days.map(({ on }) => on) ?? []);
  let answers = $state(0);
  /** The day of which the minutes were changed last, so that a fault stands beside it. */
  let changed = $state('');

  async function keep(wishes: Wishes, what: string, undo = true): Promise<boolean> {
    const before = plan.data && wishesOf(plan.data);
    const page = await saving.save((headers) =>
      answered(
        api.PUT('/api/bench-days', {
          headers,
          body: { ...wishes, version: plan.data?.version ?? null },
        }),
      ),
    );
    answers += 1;
    if (!page) return false;
    client.setQueryData(KEYS.benchDays, page);
    void askAgain(client, KEYS.yearAhead);
    if (undo && before) undoable(what, async () => void (await keep(before, '', false)));
    return true;
  }

  const wishes = $derived(plan.data ? wishesOf(plan.data) : { days: [], pins: [], laid: [] });

  function lay(plant: number, name: string, on?: string) {
    const where = on ? `${name}: ${short(on, today)}` : `${name}: where it is best`;
    void keep(laid(wishes, plant, on), where);
  }

  function add(on: string, minutes: number) {
    changed = '';
    return keep(withDay(wishes, { on, minutes }), `Bench day ${short(on, today)}`);
  }

  function change(on: string, minutes: number) {
    changed = on;
    void keep(withDay(wishes, { on, minutes }), `${short(on, today)}: ${minutes} minutes`);
  }

  const minutesFault = $derived(faultOf(saving.problem, 'minutes'));
</script>

{#snippet jobsOf(jobs: Schemas['JobAhead'][], on?: string)}
  <JobsOfDay
    {jobs}
    {answers}
    busy={saving.busy}
    put={({ plantId, name }) => lay(plantId, name, on)}
  >
    {#snippet row(job)}
      <JobRow
        {job}
        {on}
        {days}
        {today}
        busy={saving.busy}
        lay={(to) => lay(job.plantId, job.name, to)}
      />
    {/snippet}
  </JobsOfDay>
{/snippet}

<Waiting query={plan}>
  {#if plan.data}
    {#if saving.busy || plan.data.searching}
      <p class="thinking" role="status">
        <progress aria-label="Working"></progress>
        {saving.busy ? 'Laying jobs on days …' : 'A first plan; a better one is searched for …'}
      </p>
    {/if}
    <FormHead problem={saving.problem} fields={['days', 'minutes']} />
    {#each plan.data.days as day (day.on)}
      <DayCard
        {day}
        {today}
        busy={saving.busy}
        fault={changed === day.on ? minutesFault : undefined}
        change={(minutes) => change(day.on, minutes)}
        remove={() => void keep(withoutDay(wishes, day.on), `No bench ${short(day.on, today)}`)}
      >
        {@render jobsOf(day.jobs, day.on)}
      </DayCard>
    {:else}
      <p class="sheet">
        Say when you have time for the bench, and {count(plan.data.left.length, 'job')} will be laid on
        those days: hazards first, each near its best day, the same mixes together.
      </p>
    {/each}
    <section class="sheet">
      <AddDay
        next={nextFree(plan.data, today)}
        busy={saving.busy}
        faults={{
          on: faultOf(saving.problem, 'days'),
          minutes: changed ? undefined : minutesFault,
        }}
        {add}
      />
    </section>
    {#if plan.data.left.length}
      <section class="sheet" aria-labelledby="left">
        <h2 id="left">Without a day</h2>
        {@render jobsOf(plan.data.left)}
      </section>
    {/if}
    {#if plan.data.paceOf}
      <p class="quiet">
        Minutes follow your own times: {count(plan.data.paceOf, 'job')} so far,
        {plan.data.pace.toFixed(2)} times the usual.
      </p>
    {/if}
  {/if}
</Waiting>

<style>
  .thinking {
    color: var(--color-ink-2);
    accent-color: var(--color-plum);
  }
  p {
    margin: 0;
  }
</style>
