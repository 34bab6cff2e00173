<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import VerdictMark from '$lib/drawings/VerdictMark.svelte';
  import Sentence from '$lib/words/Sentence.svelte';

  interface Props {
    plant: Schemas['ApartLine'];
    today: string;
  }
  const { plant, today }: Props = $props();
</script>

<li>
  <a class="name" href="/plants/{plant.plantId}">{plant.name}</a>
  <ul>
    {#each plant.by as each (each.approach)}
      <li class:force={each.inForce}>
        <p>
          <VerdictMark verdict={each.verdict} size={18} />
          <span><b>{each.title}</b> <span class="quiet">{each.name}</span></span>
        </p>
        <p class="why"><Sentence parts={each.why} {today} /></p>
      </li>
    {/each}
  </ul>
</li>

<style>
  li {
    padding: 12px 0;
    border-top: 1px solid var(--color-rule);
  }
  li:first-child {
    border-top: 0;
  }
  .name {
    font: 520 18px var(--font-serif);
    color: var(--color-ink);
  }
  ul {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(230px, 1fr));
    gap: 8px;
    margin-top: 8px;
  }
  ul li {
    padding: 8px 10px;
    border: 0;
    border-radius: 8px;
  }
  .force {
    background: var(--color-plum-wash);
  }
  p {
    display: flex;
    gap: 8px;
    align-items: baseline;
    margin: 0;
  }
  .why {
    margin-top: 4px;
    font-size: 14px;
    display: block;
  }
</style>
