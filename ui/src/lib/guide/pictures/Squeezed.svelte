<script lang="ts">
  import type { Drawn } from '../pictures';
  import Fingers from '../parts/Fingers.svelte';
  import Root from '../parts/Root.svelte';

  const { answer }: Drawn = $props();
</script>

{#if answer === 'NONE'}
  <path class="live" d="M18 10h84q6 14-4 20H22Q12 24 18 10z" />
  {#each [34, 52, 70, 88] as x (x)}<path class="bad" d="M{x - 3} 30v7l3-3 3 3v-7z" />{/each}
  <path class="thin" stroke-dasharray="3 5" d="M34 44v26M52 44v30M70 44v30M88 44v26" />
{:else if answer === 'FIRM' || answer === 'DARK_FIRM'}
  <Root
    from={[4, 42]}
    to={[106, 44]}
    width={13}
    bend={3}
    state={answer === 'FIRM' ? 'firm' : 'dark'}
  />
  <Fingers apart={18} />
{:else if answer === 'MOSTLY_SOFT'}
  <path class="bad" d="M2 35h34q14 0 20 5h10q8-5 22-6h14v16H88q-14 0-22-5H56q-8 5-20 6H2z" />
  <path class="bad thin" fill="none" d="M102 42q8-2 14 1" />
  <path class="water" d="M44 58q-4 6 0 8 4-2 0-8zM76 56q-4 6 0 8 4-2 0-8z" />
  <Fingers apart={8} />
{:else}
  {@const other = answer === 'MIXED' ? 'soft' : 'papery'}
  <Root from={[6, 18]} to={[110, 16]} width={11} bend={4} />
  <Root
    from={[6, 42]}
    to={[92, 44]}
    width={answer === 'MIXED' ? 10 : 6}
    bend={-3}
    state={other}
    tip={answer === 'MIXED' ? 'hidden' : 'stopped'}
  />
  <Root from={[6, 66]} to={[106, 68]} width={11} bend={-4} />
{/if}
