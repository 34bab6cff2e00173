<script lang="ts">
  import DayField from '$lib/forms/DayField.svelte';
  import { faultOf } from '$lib/forms/faults';
  import TextArea from '$lib/forms/TextArea.svelte';
  import TextField from '$lib/forms/TextField.svelte';
  import { long } from '$lib/words/dates';
  import type { Schemas } from '$lib/interface/schemas';
  import Aids from './Aids.svelte';
  import type { AtBench } from './atBench.svelte';

  interface Props {
    bench: AtBench;
    choices: Schemas['Choices'];
    /** The day of the work, if that is not the one on which it was begun. */
    on: string;
    minutes: string;
    well: string;
    badly: string;
  }
  let {
    bench,
    choices,
    on = $bindable(),
    minutes = $bindable(),
    well = $bindable(),
    badly = $bindable(),
  }: Props = $props();
</script>

<div class="told">
  {#if bench.job.asksDay || on}
    <DayField
      label="On which day"
      hint="It was begun on {long(bench.job.begunOn)}; today, yesterday or year-month-day"
      fault={faultOf(bench.problem, 'on')}
      bind:value={on}
    />
  {/if}
  <Aids {bench} {choices} />
  <TextArea label="What went well" fault={faultOf(bench.problem, 'well')} bind:value={well} />
  <TextArea label="What did not" fault={faultOf(bench.problem, 'badly')} bind:value={badly} />
  <TextField
    label="Minutes"
    hint="Measured since it was begun, unless you say"
    inputmode="numeric"
    fault={faultOf(bench.problem, 'minutes')}
    bind:value={minutes}
  />
</div>

<style>
  .told {
    display: grid;
    gap: 16px;
  }
</style>
