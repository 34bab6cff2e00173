<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import Sentence from '$lib/words/Sentence.svelte';

  const { would }: { would: Schemas['WouldBe'] | undefined } = $props();
</script>

<div class="changes" aria-live="polite">
  {#if would?.changes.length}
    <ul>
      {#each would.changes as change, i (i)}
        <li><Sentence parts={change} today={would.slip.judgedOn} /></li>
      {/each}
    </ul>
  {:else if would}
    <p class="quiet">That makes no difference.</p>
  {:else}
    <p class="quiet">Everything is as it is.</p>
  {/if}
</div>

<style>
  .changes {
    min-height: 66px;
    margin: 10px 0 14px;
    padding: 10px 14px;
    border: 1px dashed var(--color-plum);
    border-radius: 10px;
    background: var(--color-slip);
  }
  .changes ul {
    list-style: disc;
    padding-left: 18px;
  }
</style>
