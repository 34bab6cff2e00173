<script lang="ts">
  const { sentence }: { sentence: string | undefined } = $props();
</script>

{#if sentence}
  <p role="alert">{sentence}</p>
{/if}

<style>
  p {
    padding: 10px 16px;
    border-radius: 10px;
    background: var(--color-clay-wash);
    color: var(--color-clay);
    font-weight: 600;
  }
</style>
