<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import Field from './Field.svelte';

  interface Props {
    moisture: Schemas['MoistureChoice']['moisture'];
    moistures: Schemas['MoistureChoice'][];
  }
  let { moisture = $bindable(), moistures }: Props = $props();
</script>

<Field label="Kept" hint="A wetter medium is used up faster">
  {#snippet children({ id, describedBy })}
    <select class="select" {id} aria-describedby={describedBy} bind:value={moisture}>
      {#each moistures as each (each.moisture)}
        <option value={each.moisture}>{each.words}</option>
      {/each}
    </select>
  {/snippet}
</Field>
