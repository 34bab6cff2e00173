<script lang="ts">
  import type { Drawn } from '../pictures';
  import Plant from '../parts/Plant.svelte';
  import Pot from '../parts/Pot.svelte';
  import Root from '../parts/Root.svelte';

  const { item, answer }: Drawn = $props();
</script>

{#if item === 'plug'}
  <Pot y={10} width={92} depth={66} soil={6}>
    <Root from={[40, 16]} to={[32, 58]} bend={4} width={5} />
    <Root from={[80, 16]} to={[88, 56]} bend={-4} width={5} />
    {#if answer !== 'NONE'}
      <rect
        class={answer === 'SOUND' ? 'dry' : 'bad'}
        x="46"
        y="20"
        width="28"
        height="34"
        rx="6"
      />
      {#if answer === 'SOUND'}
        <path class="dry thin" fill="none" d="M50 28q10 4 20 0M50 37q10 4 20 0M50 46q10 4 20 0" />
      {:else}
        <path class="dot" d="M49 26q11-6 22 0v22q-11 8-22 0z" />
        <path class="water" d="M52 58q-4 6 0 8 4-2 0-8zM66 58q-4 6 0 8 4-2 0-8z" />
      {/if}
    {/if}
  </Pot>
{:else if answer === 'TOO_SMALL'}
  <Pot y={58} width={34} depth={22} soil={3} />
  <Plant y={60} scale={1.5} />
{:else if answer === 'FAR_TOO_LARGE'}
  <Pot y={22} width={100} depth={58} soil={5}>
    <Root from={[57, 27]} to={[50, 40]} width={3} bend={2} />
    <Root from={[63, 27]} to={[70, 40]} width={3} bend={-2} />
  </Pot>
  <Plant y={27} scale={0.6} />
{:else}
  <Pot />
  <Plant />
  {#if answer === 'BRITTLE'}
    <path class="paper" stroke="var(--color-paper)" d="M86 47l11 1-6 16-8-6 2-5z" />
    <path class="bad" fill="none" d="M93 44l-8 5 3 6-6 4 6 7" />
    <path class="bad" d="M102 52l9 3-5 7zM98 68l8 2-4 6z" />
  {:else if answer === 'CRACKED'}
    <path class="bad" fill="none" d="M42 44l5 8-5 6 6 7-4 8" />
  {/if}
{/if}
