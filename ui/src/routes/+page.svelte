<script lang="ts">
  import { plantList } from '$lib/api/queries';
  import Waiting from '$lib/forms/Waiting.svelte';
  import Today from '$lib/today/Today.svelte';
  import Welcome from '$lib/welcome/Welcome.svelte';

  const plants = plantList();
</script>

<svelte:head><title>Today · Mellow Almanac</title></svelte:head>

<Waiting query={plants}>
  {#if plants.data?.length}<Today plants={plants.data} />{:else}<Welcome />{/if}
</Waiting>
