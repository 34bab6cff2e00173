<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import IntervalRow from './IntervalRow.svelte';

  const { question }: { question: Schemas['QuestionView'] } = $props();

  const percent = (share: number) => `${Math.round(share * 100)} %`;

  function besides({ slow, badly, waiting, unseen }: Schemas['ChanceLine']): string {
    return [
      slow ? `${slow} slowly` : '',
      badly ? `${badly} set back or lost` : '',
      waiting ? `${waiting} more too early to say` : '',
      unseen ? `nobody looked at ${unseen}` : '',
    ]
      .filter(Boolean)
      .join(', ');
  }
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
