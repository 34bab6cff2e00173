<script lang="ts">
  import { answered, api } from '$lib/api/client';
  import TextField from '$lib/forms/TextField.svelte';

  interface Props {
    label: string;
    plantId: number;
    water: 'PLAIN' | 'SOAK';
    value: string;
    fault?: string;
  }
  let { label, plantId, water, value = $bindable(), fault }: Props = $props();

  let seconds = $state<number>();
  let shown = $state<{ ph: number; settled: boolean }>();
  let trouble = $state('');
  let timer: ReturnType<typeof setInterval> | undefined;

  function stop() {
    clearInterval(timer);
    seconds = undefined;
  }

  async function read() {
    seconds = (seconds ?? 0) + 1;
    try {
      shown = await answered(
        api.GET('/api/instruments/pen/{plantId}', {
          params: { path: { plantId }, query: { water, seconds } },
        }),
      );
      trouble = '';
      if (shown.settled) {
        value = String(shown.ph);
        stop();
      }
    } catch (failure) {
      trouble = failure instanceof Error ? failure.message : String(failure);
      stop();
    }
  }

  function hold() {
    shown = undefined;
    seconds = 0;
    timer = setInterval(() => void read(), 1000);
  }

  $effect(() => stop);
</script>

<div class="pen">
  <TextField {label} inputmode="decimal" hint="pH, typed or from the pen" {fault} bind:value />
  <div class="shows">
    {#if seconds === undefined}
      <button type="button" class="act small" onclick={hold}>Hold the pen in</button>
    {:else}
      <button type="button" class="act small" onclick={stop}>Take it out</button>
    {/if}
    {#if shown}
      <span role="status" class:settled={shown.settled}>
        {shown.ph.toFixed(2)}
        {shown.settled ? 'settled' : `still wandering, ${seconds ?? 0} s`}
      </span>
    {/if}
    {#if trouble}<span class="fault" role="alert">{trouble}</span>{/if}
  </div>
</div>

<style>
  .pen {
    display: grid;
    gap: 6px;
  }
  .shows {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
    align-items: center;
    min-height: 40px;
    font-variant-numeric: tabular-nums;
  }
  .settled {
    font-weight: 650;
    color: var(--color-moss);
  }
</style>
