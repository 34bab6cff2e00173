<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { besides } from './besides';
  import IntervalRow from './IntervalRow.svelte';

  const { question }: { question: Schemas['QuestionView'] } = $props();

  const percent = (share: number) => `${Math.round(share * 100)} %`;
</script>

<h3>{question.title}</h3>
<ul>
  {#each question.lines as line (line.words)}
    <IntervalRow
      words={line.words}
      besides={besides(line)}
      counted="{line.well} of {line.of}"
      {line}
      to={1}
      figure={percent}
      says={line.says}
    />
  {/each}
</ul>

<style>
  h3 {
    margin: 14px 0 4px;
    font-size: 17px;
  }
</style>
