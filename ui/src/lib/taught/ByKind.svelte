<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { capital } from '$lib/words/units.svelte';
  import { besides } from './besides';
  import IntervalRow from './IntervalRow.svelte';

  const { rules }: { rules: Schemas['ByRuleLine'][] } = $props();

  const percent = (share: number) => `${Math.round(share * 100)} %`;
  const rows = $derived(
    rules.flatMap(({ rule, kinds }) => [
      { line: rule, words: capital(rule.words) },
      ...kinds.map((line) => ({ line, words: `· ${line.words}` })),
    ]),
  );
</script>

<h3>By when its kind takes a move</h3>
<p class="quiet">
  Here the tick is what is expected from the others: of a rule, what all moves here came to; of a
  kind, what its rule came to. So few never shout.
</p>
<ul>
  {#each rows as { line, words } (words)}
    <IntervalRow
      {words}
      besides={besides(line)}
      counted="{line.well} of {line.of}"
      {line}
      to={1}
      figure={percent}
      says={line.says.replace('assumed', 'expected')}
    />
  {/each}
</ul>

<style>
  h3 {
    margin: 14px 0 4px;
    font-size: 17px;
  }
  p {
    margin: 0;
  }
</style>
