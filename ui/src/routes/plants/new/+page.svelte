<script lang="ts">
  import { page } from '$app/state';
  import { choices, plantPage } from '$lib/api/queries';
  import TakePassport from '$lib/card/TakePassport.svelte';
  import AddPlant from '$lib/card/AddPlant.svelte';
  import Waiting from '$lib/forms/Waiting.svelte';

  const options = choices();
  const motherId = $derived(Number(page.url.searchParams.get('mother')) || 0);
  const mother = plantPage(() => motherId);
  const title = $derived(motherId ? 'Add a division' : 'Add a plant');
</script>

<svelte:head><title>{title} · Mellow Almanac</title></svelte:head>

<h1>{title}</h1>
{#if !motherId}<TakePassport />{/if}
<Waiting query={options}>
  {#if options.data && motherId}
    <Waiting query={mother}>
      {#key motherId}<AddPlant choices={options.data} mother={mother.data} />{/key}
    </Waiting>
  {:else if options.data}
    <AddPlant choices={options.data} />
  {/if}
</Waiting>

<style>
  h1 {
    margin: 0 0 4px;
  }
</style>
