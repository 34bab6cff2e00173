<script lang="ts">
  import Letters from './Letters.svelte';
  import { outbox } from './outbox.svelte';
  import { round } from './walk.svelte';

  interface Props {
    back: () => void;
  }
  const { back }: Props = $props();
  const walk = $derived(round.now!);
  const plants = $derived(walk.stops.length);
  const seen = $derived(Object.values(walk.left).filter((key) => outbox.has(key)).length);
  // svelte-ignore state_referenced_locally
  const seconds = (Date.now() - walk.startedAt) / 1000;
</script>

<section class="sheet">
  <h1>The round is done</h1>
  <p>
    {seen} of {plants} plants looked at{plants
      ? `, ${(seconds / plants).toFixed(0)} seconds and ${(walk.taps / plants).toFixed(1)} taps each`
      : ''}.
  </p>
  <Letters />
  <button class="act go" onclick={() => round.end()}>Put it away</button>
  <button class="act" onclick={back}>Back to the last plant</button>
</section>

<style>
  section {
    display: grid;
    gap: 12px;
    justify-items: start;
    max-width: 520px;
  }
</style>
