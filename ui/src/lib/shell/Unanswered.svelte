<script lang="ts">
  import { answering } from '$lib/api/answering.svelte';

  const time = $derived(
    answering.keptSince &&
      new Date(answering.keptSince).toLocaleTimeString('en-GB', {
        hour: '2-digit',
        minute: '2-digit',
      }),
  );
</script>

{#if time}
  <p role="status">
    Mellow Almanac does not answer. What you see is what it said at {time}; a round goes on, and is
    sent when it is back.
  </p>
{/if}

<style>
  p {
    margin: 0;
    padding: 10px 20px;
    background: var(--color-clay-wash);
    color: var(--color-clay);
    font-weight: 600;
  }
</style>
