<script lang="ts">
  import type { AtBench, Fate } from './atBench.svelte';
  import { byThirds, THIRDS, type fates } from './fates';

  interface Props {
    bench: AtBench;
    fates: ReturnType<typeof fates>;
  }
  const { bench, fates: all }: Props = $props();
  const MANY = [20, 40, 60, 100, 150];

  let about = $state(40);
  let third = $state(0);
  let fate = $state<Fate>('TIP_BROKEN');

  function add() {
    const { met, rest } = byThirds(about, third);
    bench.count(fate, met, true);
    bench.count('FIRM_KEPT', rest, true);
  }
</script>

<details>
  <summary>A mass of fine roots: about so many, by eye</summary>
  <div class="about">
    <label>
      About
      <select class="select" bind:value={about}>
        {#each MANY as many (many)}<option value={many}>{many} roots</option>{/each}
      </select>
    </label>
    <label>
      of which
      <select class="select" bind:value={third}>
        {#each THIRDS as words, i (words)}<option value={i}>{words}</option>{/each}
      </select>
    </label>
    <label>
      were
      <select class="select" bind:value={fate}>
        {#each all.slice(1, 5) as each (each.fate)}
          <option value={each.fate}>{each.words}</option>
        {/each}
      </select>
    </label>
    <button type="button" class="act tall" onclick={add}>Add them</button>
  </div>
</details>

<style>
  summary {
    display: flex;
    align-items: center;
    min-height: 48px;
  }
  .about {
    display: flex;
    flex-wrap: wrap;
    gap: 10px 14px;
    align-items: end;
    padding-bottom: 8px;
  }
  .about .select {
    min-height: 56px;
  }
</style>
