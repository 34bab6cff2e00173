<script lang="ts">
  import { sitePage } from '$lib/api/queries';
  import Approaches from '$lib/settings/ApproachChoice.svelte';
  import AtHome from '$lib/settings/AtHome.svelte';
  import CalendarFeed from '$lib/settings/CalendarFeed.svelte';
  import Carried from '$lib/settings/Carried.svelte';
  import Instruments from '$lib/settings/Instruments.svelte';
  import KeptSafe from '$lib/settings/KeptSafe.svelte';
  import LampSwitch from '$lib/settings/LampSwitch.svelte';
  import Latitude from '$lib/settings/Latitude.svelte';
  import SingleKeys from '$lib/settings/SingleKeys.svelte';
  import Written from '$lib/settings/Written.svelte';
  import Waiting from '$lib/forms/Waiting.svelte';

  const site = sitePage();
</script>

<svelte:head><title>Settings · Mellow Almanac</title></svelte:head>

<h1>Settings</h1>
<Waiting query={site}>
  {#if site.data}
    <div class="sheets">
      <Latitude site={site.data} />
      <Written />
      <Instruments />
      <Approaches />
      <LampSwitch />
      <SingleKeys />
      <KeptSafe />
      <CalendarFeed />
      <Carried />
      <AtHome />
    </div>
  {/if}
</Waiting>

<style>
  h1 {
    margin: 0 0 14px;
  }
  .sheets {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(380px, 100%), 1fr));
    gap: 16px;
    align-items: start;
    max-width: 1000px;
  }
</style>
