<script lang="ts">
  import TextField from './TextField.svelte';
  import Tick from './Tick.svelte';

  interface Props {
    /** A day, a month, a year, 'unknown', or empty while nothing is said. */
    pottedOn: string;
    fault?: string;
  }
  let { pottedOn = $bindable(), fault }: Props = $props();
  const UNKNOWN = 'unknown';
  const unknown = $derived(pottedOn === UNKNOWN);
</script>

<div class="two">
  <TextField
    label="Potted on"
    hint="A day 2026-05-16, a month 2026-05, or a year 2026"
    placeholder="2026-05"
    disabled={unknown}
    {fault}
    bind:value={() => (unknown ? '' : pottedOn), (typed) => (pottedOn = typed)}
  />
  <Tick
    label="I do not know"
    bind:checked={() => unknown, (nobody) => (pottedOn = nobody ? UNKNOWN : '')}
  />
</div>
