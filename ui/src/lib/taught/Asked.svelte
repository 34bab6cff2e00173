<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import Interval from './Interval.svelte';
  import { tintAgainst } from './tints';

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
    <li>
      <span class="words"
        >{line.words}{#if besides(line)}<small class="quiet">{besides(line)}</small>{/if}</span
      >
      <span class="count">{line.well} of {line.of}</span>
      <Interval
        from={0}
        to={1}
        {...line}
        tint={tintAgainst(line.against)}
        few={line.against === 'FEW'}
        label="Between {percent(line.low)} and {percent(line.high)}; assumed {percent(
          line.assumed,
        )}"
      />
      <span class="says" class:clear={line.against === 'BETTER' || line.against === 'WORSE'}
        >{line.says}</span
      >
    </li>
  {/each}
</ul>

<style>
  h3 {
    margin: 14px 0 4px;
    font-size: 17px;
  }
  li {
    display: grid;
    grid-template-columns: minmax(0, 210px) 70px minmax(120px, 290px) minmax(0, 1fr);
    gap: 4px 14px;
    align-items: center;
    padding: 5px 0;
    border-top: 1px solid var(--color-rule);
    font-size: 15px;
  }
  small {
    display: block;
  }
  .count {
    color: var(--color-ink-2);
    font-variant-numeric: tabular-nums;
  }
  .says {
    color: var(--color-ink-2);
    font-size: 14px;
  }
  .clear {
    color: var(--color-plum);
    font-weight: 600;
  }
  @media (max-width: 700px) {
    li {
      grid-template-columns: minmax(0, 1fr) auto;
    }
    li > :global(svg) {
      grid-column: 1 / -1;
    }
    .says {
      grid-column: 1 / -1;
    }
  }
</style>
