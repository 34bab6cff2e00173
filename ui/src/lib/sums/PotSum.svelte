<script lang="ts">
  import { choices } from '$lib/api/queries';
  import { NO_POT } from '$lib/forms/pot';
  import PotFields from '$lib/forms/PotFields.svelte';
  import Sum from './Sum.svelte';

  const options = choices();
  let pot = $state({ ...NO_POT });
</script>

<Sum
  title="What a pot holds"
  formula="π·h/12·(D² + D·d + d²), and what the mix settles"
  answer={undefined}
  problem={undefined}
>
  <div class="wide">
    <PotFields bind:pot pots={options.data?.pots ?? []} problem={undefined} />
  </div>
</Sum>

<style>
  .wide {
    grid-column: 1 / -1;
  }
</style>
