<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { outbox } from './outbox.svelte';

  const client = useQueryClient();
  const FEW = 6;
  const waiting = $derived(outbox.waiting);
  const what = $derived(
    waiting.every((letter) => letter.message.kind === 'LOOK')
      ? ['look', 'looks']
      : ['entry', 'entries'],
  );
  const names = $derived(
    waiting
      .slice(0, FEW)
      .map((letter) => letter.name)
      .join(', '),
  );
</script>

{#if waiting.length > 1 || (waiting.length && outbox.held)}
  <p class="waiting" role="status">
    <b
      >{waiting.length === 1 ? `One ${what[0]} waits` : `${waiting.length} ${what[1]} wait`} in this browser:</b
    >
    {names}{waiting.length > FEW ? ` and ${waiting.length - FEW} more` : ''}. {outbox.held ?? ''} They
    are sent again by themselves.
  </p>
{/if}
{#each outbox.refused as letter (letter.key)}
  <div class="refused" role="alert">
    <p><b>{letter.name}: not saved.</b> {letter.refused}</p>
    <p class="acts">
      <button type="button" class="act small" onclick={() => outbox.again(client, letter.key)}
        >Send again</button
      >
      <a class="act small" href="/plants/{letter.plantId}/inspect">Look at it again</a>
      <button type="button" class="act small" onclick={() => outbox.drop(letter.key)}
        >Throw it away</button
      >
    </p>
  </div>
{/each}

<style>
  .waiting,
  .refused {
    padding: 10px 14px;
    border-radius: 10px;
    font-size: 14px;
  }
  .waiting {
    background: var(--color-ochre-wash);
  }
  .refused {
    background: var(--color-clay-wash);
    color: var(--color-clay);
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    margin-top: 6px;
  }
</style>
