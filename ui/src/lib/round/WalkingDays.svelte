<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import { KEYS } from '$lib/api/keys';
  import type { Schemas } from '$lib/interface/schemas';
  import { sitePage } from '$lib/api/queries';
  import { Saving } from '$lib/api/saving.svelte';
  import DayField from '$lib/forms/DayField.svelte';
  import { faultOf } from '$lib/forms/faults';
  import FormHead from '$lib/forms/FormHead.svelte';
  import { short } from '$lib/words/dates';
  import { WEEKDAYS } from './weekdays';

  const { days }: { days: Schemas['DaysEntry'] } = $props();
  const client = useQueryClient();
  const site = sitePage();
  const saving = new Saving();
  let from = $state('');
  let to = $state('');

  /** What was chosen last and is not kept yet; quick choices follow one another. */
  let wanted = $state.raw<Schemas['DaysEntry']>();
  const shown = $derived(wanted ?? days);

  async function keep(next: Schemas['DaysEntry']): Promise<boolean> {
    wanted = next;
    if (saving.busy) return false;
    let sent: Schemas['DaysEntry'] | undefined;
    let page: Schemas['RoundsPage'] | undefined;
    while (wanted !== sent) {
      sent = wanted;
      page = await saving.save((headers) =>
        answered(api.PUT('/api/rounds/days', { headers, body: sent! })),
      );
    }
    if (page) client.setQueryData(KEYS.rounds, page);
    wanted = undefined;
    return Boolean(page);
  }

  const turn = (day: Schemas['DaysEntry']['weekdays'][number]) =>
    keep({
      ...shown,
      weekdays: shown.weekdays.includes(day)
        ? shown.weekdays.filter((each) => each !== day)
        : [...shown.weekdays, day],
    });

  async function add(event: SubmitEvent) {
    event.preventDefault();
    if (await keep({ ...shown, away: [...shown.away, { from, to: to || from }] })) from = to = '';
  }
</script>

<details>
  <summary>On which days you go round</summary>
  <FormHead problem={saving.problem} fields={['from']} />
  <div class="week" role="group" aria-label="Days of the week">
    {#each WEEKDAYS as [day, words] (day)}
      <label>
        <input
          class="checkbox"
          type="checkbox"
          checked={shown.weekdays.includes(day)}
          onchange={() => turn(day)}
        />
        {words}
      </label>
    {/each}
  </div>
  {#if shown.away.length}
    <ul aria-label="Days away">
      {#each shown.away as away (`${away.from} ${away.to}`)}
        <li>
          Away {short(away.from, site.data?.today ?? '')} to {short(
            away.to,
            site.data?.today ?? '',
          )}
          <button
            type="button"
            class="link"
            onclick={() => keep({ ...shown, away: shown.away.filter((each) => each !== away) })}
            >Not away then</button
          >
        </li>
      {/each}
    </ul>
  {/if}
  <form onsubmit={add} novalidate>
    <DayField label="Away from" fault={faultOf(saving.problem, 'from')} bind:value={from} />
    <DayField label="until" bind:value={to} />
    <button class="act" disabled={!from || saving.busy}>Nobody is there</button>
  </form>
</details>

<style>
  summary {
    display: inline-flex;
    align-items: center;
    min-height: 44px;
    font-weight: 600;
  }
  .week {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 18px;
  }
  label {
    display: inline-flex;
    gap: 8px;
    align-items: center;
    min-height: 44px;
  }
  form {
    display: flex;
    flex-wrap: wrap;
    gap: 10px 16px;
    align-items: end;
  }
</style>
