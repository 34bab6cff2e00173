<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { CALLS } from '$lib/trainer/sitting.svelte';
  import { short } from '$lib/words/dates';
  import Held from './Held.svelte';

  interface Props {
    beside: Schemas['OpinionsBeside'];
    today: string;
  }
  const { beside, today }: Props = $props();
  const call = $derived(CALLS.find(({ value }) => value === beside.asks)?.words ?? '');
</script>

<section class="sheet" aria-labelledby="they">
  <h2 id="they">
    <a class="link" href="/plants/{beside.plantId}">{beside.name}</a> on {short(beside.on, today)}
  </h2>
  <p>
    {beside.from || 'They'}, without knowing what yours says:
    <b>{call}</b>{beside.how ? ` (${beside.how.toLowerCase()})` : ''}.
  </p>
  {#if beside.says}<blockquote>{beside.says}</blockquote>{/if}
  {#if beside.parts.length}
    <h3>Where the almanacs part</h3>
    <ul>
      {#each beside.parts as part (part)}<li>{part}</li>{/each}
    </ul>
  {:else}
    <p>Both almanacs ask for the same, for the same reasons.</p>
  {/if}
</section>
<div class="pair">
  <Held whose="Theirs" opinion={beside.theirs} {today} />
  <Held whose="Yours" opinion={beside.ours} {today} />
</div>

<style>
  .pair {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(280px, 1fr));
    gap: 16px;
    margin-top: 16px;
  }
  h2,
  p {
    margin: 0 0 6px;
  }
  h3 {
    margin: 8px 0 4px;
    font-size: 16px;
  }
  blockquote {
    margin: 0 0 8px;
    padding-left: 12px;
    border-left: 3px solid var(--color-edge);
  }
</style>
