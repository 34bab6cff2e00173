<script lang="ts">
  interface Props {
    /** When it was left. */
    since: string | undefined;
    /** Begins with the form as it is. */
    anew: () => void;
  }
  const { since, anew }: Props = $props();
  const when = $derived(
    new Date(since ?? 0).toLocaleString('en-GB', {
      day: 'numeric',
      month: 'long',
      hour: '2-digit',
      minute: '2-digit',
    }),
  );
</script>

{#if since}
  <p role="status">
    <span>You began this on {when} and did not save it. It is here again.</span>
    <button type="button" class="act small" onclick={anew}>Begin anew</button>
  </p>
{/if}

<style>
  p {
    display: flex;
    flex-wrap: wrap;
    gap: 6px 14px;
    align-items: center;
    padding: 8px 14px;
    border-radius: 10px;
    background: var(--color-ochre-wash);
  }
</style>
