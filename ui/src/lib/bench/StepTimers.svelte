<script lang="ts">
  import TextField from '$lib/forms/TextField.svelte';
  import { faultOf } from '$lib/forms/faults';
  import { numberOf } from '$lib/words/numbers';
  import type { AtBench } from './atBench.svelte';
  import { clock } from './timers.svelte';
  import { andTimer, lastRings, left, type Timer } from './waits';

  const { bench }: { bench: AtBench } = $props();
  const step = $derived(bench.step);
  const timers = $derived(bench.told.timers);
  const own = $derived(timers.filter(({ task }) => task === step.task));
  $effect(() => (own.length ? clock.run() : undefined));

  let name = $state('');
  let minutes = $state('');
  const wanted = $derived(numberOf(minutes));
  /** A day; nobody waits at the bench for longer. */
  const MOST = 1440;
  const fits = $derived(wanted !== undefined && wanted > 0 && wanted <= MOST);

  function start(so: number, what: string, from: number) {
    bench.tell({ timers: andTimer(timers, step.task, so, what, from) });
    name = minutes = '';
  }
  const stop = (gone: Timer) => bench.tell({ timers: timers.filter((each) => each !== gone) });
</script>

{#each own as timer (timer.rings + timer.name)}
  <button type="button" class="act tall" onclick={() => stop(timer)}
    >Stop {timer.name ?? 'the timer'}: {left(timer.rings, clock.now) ?? 'time is up'}</button
  >
{/each}
{#if step.minutes != null && !own.some((timer) => !timer.name)}
  <button type="button" class="act tall" onclick={() => start(step.minutes!, '', Date.now())}
    >Start {step.minutes} minutes</button
  >
{/if}
<details>
  <summary>A timer of your own</summary>
  <div class="own">
    <TextField label="What for" bind:value={name} />
    <TextField
      label="Minutes"
      inputmode="numeric"
      fault={faultOf(bench.problem, 'timers')}
      bind:value={minutes}
    />
    <button
      type="button"
      class="act tall"
      disabled={!fits}
      onclick={() => start(wanted!, name, Date.now())}>Start it now</button
    >
    {#if timers.length}
      <button
        type="button"
        class="act tall"
        disabled={!fits}
        onclick={() => start(wanted!, name, lastRings(timers, Date.now()))}
        >After the last one</button
      >
    {/if}
  </div>
</details>

<style>
  summary {
    display: flex;
    align-items: center;
    min-height: 44px;
    color: var(--color-plum);
  }
  .own {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 14px;
    align-items: end;
    padding-bottom: 10px;
  }
</style>
