<script lang="ts">
  import type { Drawn } from '../pictures';
  import Root from '../parts/Root.svelte';

  const { item, answer }: Drawn = $props();
</script>

{#if item === 'rootTips'}
  {#if answer === 'ACTIVE'}
    <Root from={[4, 26]} to={[76, 30]} width={15} bend={5} tip="hidden" />
    <path class="tip" d="M74 22.5q22 1 26 8-6 8-26 7z" />
    <Root from={[4, 60]} to={[66, 62]} width={15} bend={-4} tip="hidden" />
    <path class="mark" d="M64 54.5q22 0 26 8-6 8-26 7.5z" />
  {:else}
    <Root from={[4, 26]} to={[92, 30]} width={15} bend={5} tip="hidden" />
    <Root from={[4, 60]} to={[76, 62]} width={15} bend={-4} tip="hidden" />
    <path class="bad" d="M76 55q14 0 12 7t-12 7z" />
  {/if}
{:else}
  <path class="live" d="M30 4h60q6 12-2 20H34Q24 16 30 4z" />
  {#each [38, 54, 70, 86] as x, i (x)}
    {@const broken = item === 'tipsBroken' && i % 2 === 1}
    <Root
      from={[x, 24]}
      to={[x + (i - 1.5) * 6, broken ? 46 : 58]}
      width={7}
      bend={(i - 1.5) * 2}
      tip={broken ? 'broken' : 'live'}
    />
    {#if item === 'tipsInAll' || broken}
      <text x={x + (i - 1.5) * 7} y="78" text-anchor="middle"
        >{item === 'tipsInAll' ? i + 1 : (i + 1) / 2}</text
      >
    {/if}
  {/each}
{/if}
