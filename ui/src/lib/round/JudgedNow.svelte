<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import type { AtPlant } from './atPlant.svelte';
  import DecidingLook from './DecidingLook.svelte';
  import SlipNow from './SlipNow.svelte';

  interface Props {
    here: AtPlant;
    plant: Schemas['PlantPage'] | undefined;
    today: string;
    looks: Schemas['LookChoice'][];
  }
  const { here, plant, today, looks }: Props = $props();
  const would = $derived(here.trying.answer);
  const deciding = $derived(here.slip?.deciding[0]);
  const decidingChoice = $derived(looks.find((look) => look.item === deciding?.item.split('/')[0]));
</script>

{#if here.slip}
  <SlipNow
    slip={here.slip}
    {today}
    changedBy={would && plant && would.slip.verdict !== plant.slip?.verdict
      ? here.tappedSince
      : undefined}
  />
{:else}
  <p class="quiet" role="status">Looking it up…</p>
{/if}
{#if deciding && decidingChoice}
  <DecidingLook {deciding} choice={decidingChoice} {here} />
{/if}
