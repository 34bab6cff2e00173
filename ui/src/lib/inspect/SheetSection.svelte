<script lang="ts">
  import { answered, api, Problem } from '$lib/api/client';
  import type { Schemas } from '$lib/interface/schemas';
  import { faultOf } from '$lib/forms/faults';
  import LookRow from '$lib/looks/LookRow.svelte';
  import { lastSeen } from '$lib/journal/last';
  import { failed } from '$lib/shell/toaster';
  import { spotsOf, type Section, type Sheet } from './inspectionSheet';

  interface Props {
    section: Section;
    /** Its turn; the key that opens it. */
    at: number;
    sheet: Sheet;
    plant: Schemas['PlantPage'];
    leads: Schemas['Choices']['leads'];
    /** The act that is corrected, if one is. */
    corrects: string | undefined;
    problem?: Problem;
  }
  let { section, at, sheet = $bindable(), plant, leads, corrects, problem }: Props = $props();

  const lookedAt = $derived(leads.slice(0, sheet.leads));

  async function weigh() {
    try {
      const weighed = await answered(
        api.GET('/api/instruments/scale/{plantId}', { params: { path: { plantId: plant.id } } }),
      );
      if (weighed.daysToDry == null) failed(new Problem('It has not dried yet by its weight.'));
      else sheet.looks['daysToDry'] = { answers: [], measured: String(weighed.daysToDry) };
    } catch (failure) {
      failed(failure);
    }
  }
</script>

<details class="fold" open={section.open} id="section-{section.key}">
  <summary>{section.title} <span class="kbd-hint" aria-hidden="true">{at + 1}</span></summary>
  {#if section.looks.some((choice) => choice.ofALead)}
    <label class="leads">
      Leads
      <select class="select" bind:value={sheet.leads}>
        {#each leads as lead, i (lead)}
          <option value={i + 1}>{i + 1}</option>
        {/each}
      </select>
      <span class="quiet">young growths at the front, each with roots of its own</span>
    </label>
  {/if}
  {#each section.looks as choice (choice.item)}
    {#if choice.item === 'daysToDry'}
      <button type="button" class="link" onclick={weigh}>Days to dry from the scale</button>
    {/if}
    {#each spotsOf(choice, lookedAt) as { spot, lead } (spot)}
      {#if sheet.looks[spot]}
        <LookRow
          {choice}
          {lead}
          bind:look={sheet.looks[spot]!}
          last={lastSeen(plant, choice, spot, corrects)}
          fault={faultOf(problem, `looks.${spot}`)}
        />
      {/if}
    {/each}
  {/each}
</details>

<style>
  .leads .quiet {
    font: 400 14px var(--font-sans);
  }
  summary {
    font-size: 20px;
  }
  summary .kbd-hint {
    margin-left: 10px;
    font-family: var(--font-sans);
  }
  details {
    border-bottom: 1px solid var(--color-rule);
  }
  .leads {
    display: flex;
    align-items: center;
    gap: 10px;
    padding-top: 10px;
    font: 520 17px var(--font-serif);
  }
  .leads .select {
    width: 76px;
  }
</style>
