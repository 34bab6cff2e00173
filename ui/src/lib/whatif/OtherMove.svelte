<script lang="ts">
  import ChoiceField from '$lib/forms/ChoiceField.svelte';
  import Tick from '$lib/forms/Tick.svelte';
  import type { Supposed } from './asked';

  let { asked = $bindable() }: { asked: Supposed } = $props();

  const OPENED = [
    { value: 'WHOLE', words: 'left whole' },
    { value: 'ONE_SIDE', words: 'opened on one side' },
    { value: 'ALL', words: 'opened all round' },
  ];
</script>

<details class="fold">
  <summary>How it would be moved</summary>
  <div class="few">
    <ChoiceField
      label="The root ball"
      unchosen="as its method has it"
      choices={OPENED}
      bind:value={asked.opened}
    />
    <Tick label="Soaked until the roots are supple" bind:checked={asked.soaked} />
    <Tick label="The pot cut or broken off" bind:checked={asked.potCut} />
  </div>
</details>
