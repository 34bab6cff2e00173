<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { begin } from './beginJob';

  interface Props {
    plantId: number;
  }
  /** A plant that sinks over several looks: whoever looks after it may choose to stop. */
  const { plantId }: Props = $props();
  const client = useQueryClient();
</script>

<p class="stop">
  Going on is one choice, and stopping is another.
  <button type="button" class="act small" onclick={() => begin(client, plantId, 'LET_GO')}
    >Stop here: let it go</button
  >
</p>

<style>
  .stop {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 14px;
    align-items: center;
    margin: 0 0 14px;
  }
</style>
