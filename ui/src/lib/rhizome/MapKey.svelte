<script lang="ts">
  import { lengthSaid } from '$lib/words/units.svelte';

  interface Props {
    potMm: number;
    /** The pot it comes from. */
    oldMm: number | null;
    /** Whether the years to come are drawn. */
    ahead: boolean;
  }
  const { potMm, oldMm, ahead }: Props = $props();
</script>

<p class="quiet key">
  {lengthSaid(potMm)} across{oldMm && potMm !== oldMm
    ? `; thin dashes: the old pot, ${lengthSaid(oldMm)}`
    : ''}{ahead ? '; broken rings: the years to come' : ''}
</p>

<style>
  .key {
    margin: 4px 0 0;
  }
</style>
