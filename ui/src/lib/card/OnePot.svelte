<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import { Saving } from '$lib/api/saving.svelte';
  import ChoosePlants from '$lib/forms/ChoosePlants.svelte';
  import { faultOf } from '$lib/forms/faults';
  import FormFault from '$lib/forms/FormFault.svelte';
  import type { Schemas } from '$lib/interface/schemas';
  import { saved } from '$lib/shell/toaster';

  interface Props {
    plant: Schemas['PlantPage'];
  }
  /** Two plants that are kept on in one pot, and apart again. */
  const { plant }: Props = $props();
  const client = useQueryClient();
  const saving = new Saving();
  const { inPotOf, holds } = $derived(plant);
  let chosen = $state<number[]>([]);

  async function join() {
    const result = await saving.save((headers) =>
      answered(
        api.POST('/api/plants/{id}/one-pot', {
          headers,
          params: { path: { id: plant.id } },
          body: { plants: chosen },
        }),
      ),
    );
    if (!result) return;
    chosen = [];
    saved(client, `In one pot with ${plant.name}`, result);
  }

  async function apart(id: number, name: string) {
    const result = await saving.save((headers) =>
      answered(api.DELETE('/api/plants/{id}/one-pot', { headers, params: { path: { id } } })),
    );
    if (result) saved(client, `${name}: a pot of its own again`, result);
  }
</script>

{#if inPotOf}
  <p>
    In the pot of <a class="link" href="/plants/{inPotOf.id}">{inPotOf.name}</a>, whose card stands
    for both.
    <button type="button" class="act small" onclick={() => apart(plant.id, plant.name)}
      >Apart again</button
    >
  </p>
{/if}
{#each holds as other (other.id)}
  <p>
    In its pot too: <a class="link" href="/plants/{other.id}">{other.number} {other.name}</a>
    <button type="button" class="act small" onclick={() => apart(other.id, other.name)}
      >Apart again</button
    >
  </p>
{/each}
<FormFault sentence={saving.problem?.message} />
{#if plant.slip}
  <details>
    <summary>Another grows in this pot too</summary>
    <ChoosePlants label="Which" fault={faultOf(saving.problem, 'plants')} bind:chosen />
    <button type="button" class="act" disabled={!chosen.length || saving.busy} onclick={join}
      >One card for all in this pot</button
    >
  </details>
{/if}

<style>
  summary {
    min-height: 44px;
    cursor: pointer;
    align-content: center;
  }
  .small {
    min-height: 44px;
  }
</style>
