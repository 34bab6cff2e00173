<script lang="ts">
  import type { Snippet } from 'svelte';
  import { sitePage } from '$lib/api/queries';
  import { writeIso } from '$lib/words/dates';
  import { units } from '$lib/words/units.svelte';

  interface Props {
    children: Snippet;
  }
  const { children }: Props = $props();
  const site = sitePage();
  let known = $state(false);

  $effect.pre(() => {
    if (!site.data) return;
    writeIso(site.data.units.days === 'ISO');
    units.take(site.data.units);
    known = true;
  });
</script>

<!-- Nothing is written, and above all nothing typed, before it is known in which units. -->
{#if known || site.isError}
  {@render children()}
{:else}
  <p class="quiet" role="status">Looking it up…</p>
{/if}
