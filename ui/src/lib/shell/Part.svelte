<script lang="ts">
  import type { Snippet } from 'svelte';

  interface Props {
    /** What is drawn here, as the middle of a sentence: "the roots". */
    name: string;
    children: Snippet;
  }
  const { name, children }: Props = $props();
</script>

<!-- A part that cannot be drawn says so and leaves the rest of the page. -->
<svelte:boundary onerror={(failure) => console.error(failure)}>
  {@render children()}
  {#snippet failed(failure, reset)}
    <p class="fault" role="alert" data-why={String(failure)}>
      This cannot be drawn: {name}. What was noted is safe; it stands in the journal.
      <button type="button" class="link" onclick={reset}>Try again</button>
    </p>
  {/snippet}
</svelte:boundary>

<style>
  .fault {
    font-size: 14.5px;
  }
</style>
