<script lang="ts">
  import Picks from '$lib/forms/Picks.svelte';
  import { SURE, type CaseInHand } from './sitting.svelte';

  const { hand }: { hand: CaseInHand } = $props();
</script>

<Picks
  legend="How sure are you? You may leave it open."
  choices={SURE}
  value={hand.sure ?? ''}
  onpick={(value) => hand.isSure(value)}
/>
