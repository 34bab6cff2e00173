<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import Interval from './Interval.svelte';
  import { tintAgainst } from './tints';

  interface Props {
    words: string;
    /** What else there is to count, smaller. */
    besides?: string;
    counted: string;
    line: Pick<Schemas['ChanceLine'], 'low' | 'likely' | 'high' | 'against'> & {
      assumed?: number;
    };
    /** How far the line goes, from 0. */
    to: number;
    /** A figure of the line in words. */
    figure: (value: number) => string;
    says: string;
  }
  const { words, besides = '', counted, line, to, figure, says }: Props = $props();
  /** What is assumed is ruled out. */
  const clear = $derived(line.against === 'BETTER' || line.against === 'WORSE');
</script>

<li>
  <span
    >{words}{#if besides}<small class="quiet">{besides}</small>{/if}</span
  >
  <span class="count">{counted}</span>
  <Interval
    from={0}
    {to}
    {...line}
    tint={tintAgainst(line.against)}
    few={line.against === 'FEW'}
    label="Between {figure(line.low)} and {figure(line.high)}{line.assumed === undefined
      ? ''
      : `; assumed ${figure(line.assumed)}`}"
  />
  <span class="says" class:clear>{says}</span>
</li>

<style>
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
    li > :global(svg),
    .says {
      grid-column: 1 / -1;
    }
  }
</style>
