<script lang="ts">
  import { number } from '$lib/words/numbers';
  import DayField from '$lib/forms/DayField.svelte';
  import TextField from '$lib/forms/TextField.svelte';

  interface Props {
    /** The day that is likely meant. */
    next: string;
    busy: boolean;
    faults: { on?: string; minutes?: string };
    add: (on: string, minutes: number) => Promise<boolean>;
  }
  const { next, busy, faults, add }: Props = $props();

  let on = $derived(next);
  let minutes = $state('180');

  async function submit(event: SubmitEvent) {
    event.preventDefault();
    if (await add(on, number(minutes))) minutes = '180';
  }
</script>

<form onsubmit={submit} novalidate aria-label="One more bench day">
  <DayField label="One more bench day" fault={faults.on} bind:value={on} />
  <TextField label="Minutes" inputmode="numeric" fault={faults.minutes} bind:value={minutes} />
  <button class="act go" disabled={busy || !on}>I have time then</button>
</form>

<style>
  form {
    display: flex;
    flex-wrap: wrap;
    gap: 10px 14px;
    align-items: end;
  }
</style>
