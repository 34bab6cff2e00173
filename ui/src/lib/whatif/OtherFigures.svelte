<script lang="ts">
  import type { Problem } from '$lib/api/client';
  import { faultOf } from '$lib/forms/faults';
  import TextField from '$lib/forms/TextField.svelte';
  import type { Schemas } from '$lib/interface/schemas';
  import { measuredOut, unitOf } from '$lib/words/units.svelte';

  interface Props {
    figures: Schemas['RuleLine'][];
    problem: Problem | undefined;
    typed: Record<string, string>;
  }
  let { figures, problem, typed = $bindable() }: Props = $props();
</script>

<div class="few">
  {#each figures as figure (figure.key)}
    <TextField
      label={figure.key}
      hint="{measuredOut(figure.own ?? figure.standard, figure.unit)} {unitOf(
        figure.unit,
      )}: {figure.reason}"
      inputmode="decimal"
      placeholder={measuredOut(figure.own ?? figure.standard, figure.unit)}
      fault={faultOf(problem, figure.key)}
      bind:value={() => typed[figure.key] ?? '', (value) => (typed[figure.key] = value)}
    />
  {/each}
</div>
