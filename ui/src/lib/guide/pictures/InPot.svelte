<script lang="ts">
  import type { Drawn } from '../pictures';
  import Pot from '../parts/Pot.svelte';
  import Root from '../parts/Root.svelte';

  const { answer }: Drawn = $props();
  const FEW = [34, 72] as const;
  const SOME = [30, 46, 60, 74, 90] as const;
</script>

<Pot y={10} width={84} depth={58} soil={6}>
  {#if answer === 'PLENTY'}
    {#each SOME as x, i (x)}
      <Root
        from={[x, 16]}
        to={[58 + (x - 58) * 0.8, 44 + ((i * 13) % 18)]}
        width={5}
        bend={i % 2 ? 4 : -4}
      />
    {/each}
  {:else if answer === 'POOR'}
    {#each FEW as x (x)}
      <Root from={[x, 16]} to={[x + 6, 42]} width={4} bend={3} state="papery" tip="hidden" />
    {/each}
  {:else if answer === 'STOPPED'}
    {#each SOME.slice(0, 4) as x, i (x)}
      <Root
        from={[x, 16]}
        to={[x + 4, 46 + ((i * 7) % 12)]}
        width={5}
        bend={i % 2 ? 4 : -4}
        tip="stopped"
      />
    {/each}
  {:else if answer === 'CUT_SHORT'}
    {#each SOME as x (x)}
      <Root from={[x, 16]} to={[60 + (x - 60) * 0.9, 38]} width={5} tip="hidden" />
    {/each}
    <path class="mark" stroke-dasharray="4 4" d="M24 41h72" />
  {:else if answer === 'NONE'}
    <Root from={[44, 16]} to={[40, 48]} width={5} bend={4} />
    <Root from={[76, 16]} to={[80, 44]} width={5} bend={-4} />
  {:else if answer === 'CROWDED'}
    {#each [28, 37, 46, 55, 64, 73, 82, 91] as x, i (x)}
      <Root
        from={[x, 16]}
        to={[60 + (x - 60) * 0.82, 54 + ((i * 5) % 9)]}
        width={5.4}
        bend={i % 2 ? 5 : -5}
      />
    {/each}
  {:else if answer === 'CIRCLING'}
    <path
      class="ink"
      fill="none"
      stroke-width="6.4"
      d="M34 16v18Q40 46 86 34M88 38Q84 54 34 42M38 50Q44 62 80 52"
    />
    <path
      stroke="var(--color-slip)"
      fill="none"
      stroke-width="4.4"
      d="M34 16v18Q40 46 86 34M88 38Q84 54 34 42M38 50Q44 62 80 52"
    />
  {:else if answer === 'OUT_OF_HOLES'}
    <Root from={[46, 16]} to={[44, 82]} width={5} bend={4} tip="hidden" />
    <Root from={[72, 16]} to={[72, 76]} width={5} bend={-4} />
    <path class="tip" d="M41 76h6v5h-6z" />
  {:else}
    <Root from={[26, 18]} to={[32, 62]} width={5} bend={0} tip="hidden" />
    <Root from={[94, 18]} to={[88, 60]} width={5} bend={0} tip="hidden" />
    <path class="mark thin" fill="none" d="M16 26h8m-8 14h9m-9 14h11M104 26h-8m8 14h-9m9 14H93" />
  {/if}
</Pot>
