<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import RiskWeeks from '$lib/drawings/RiskWeeks.svelte';
  import Sentence from '$lib/words/Sentence.svelte';

  interface Props {
    risk: Schemas['Risk'];
    today: string;
  }
  const { risk, today }: Props = $props();
  const percent = (share: number) => `${Math.round(100 * share)} %`;
</script>

<div class="part">
  <p class="quiet">What a move would break</p>
  <p class="words"><Sentence parts={risk.words} {today} /></p>
  {#if risk.weeks.length}<RiskWeeks weeks={risk.weeks} {today} />{/if}
  {#if risk.lowered.length && risk.tips != null}
    <ul aria-label="What would lower it">
      {#each risk.lowered as way, i (i)}
        <li>
          <Sentence parts={way.by} {today} />: {percent(way.tips)} of its new tips instead of
          {percent(risk.tips)}{way.lost === 0 && risk.lost ? ', none lost for good' : ''}
        </li>
      {/each}
    </ul>
  {/if}
</div>

<style>
  p,
  ul {
    margin: 2px 0;
  }
  ul {
    padding-left: 20px;
    list-style: disc;
  }
</style>
