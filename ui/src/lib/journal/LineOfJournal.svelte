<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import type { Schemas } from '$lib/interface/schemas';
  import { takeBack } from '$lib/shell/toaster';
  import { partial, short } from '$lib/words/dates';
  import { plain } from '$lib/words/sentence';
  import Sentence from '$lib/words/Sentence.svelte';

  interface Props {
    line: Schemas['Line'];
    plantId: number;
    today: string;
    /** The day of its correction, if it was corrected. */
    corrected: string;
  }
  const { line, plantId, today, corrected }: Props = $props();
  const client = useQueryClient();
</script>

{#if line.standing === 'HOLDS'}
  <p>
    <Sentence parts={line.words} {today} />{line.pottedOn
      ? `, potted ${partial(line.pottedOn)}`
      : ''}
  </p>
{:else}
  <p><del><Sentence parts={line.words} {today} /></del></p>
{/if}
{#if line.note}<p class="note">{line.note}</p>{/if}
{#if line.standing === 'CORRECTED'}
  <p class="quiet">
    corrected on {short(corrected, today)}
  </p>
{:else if line.standing === 'TAKEN_BACK'}
  <p class="quiet">taken back</p>
{:else}
  {#if line.corrects}<p class="quiet">a correction</p>{/if}
  <p class="acts">
    {#if line.kind === 'INSPECTION' || line.kind === 'POTTING'}
      {@const look = line.kind === 'INSPECTION'}
      <a
        class="link"
        href="/plants/{plantId}/{look ? 'inspect' : 'repot'}?corrects={line.act}"
        aria-label="Correct the {look ? 'inspection' : 'potting'} of {short(line.on, today)}"
        >Correct</a
      >
    {/if}
    {#if line.canTakeBack && !line.cameIn}
      <button
        class="link"
        aria-label="Take back: {plain(line.words, today)}"
        onclick={() => takeBack(client, line.act)}>Take back</button
      >
    {/if}
  </p>
{/if}

<style>
  del {
    color: var(--color-ink-2);
  }
  .note {
    font-style: italic;
  }
  .acts {
    display: flex;
    gap: 12px;
    font-size: 13.5px;
  }
</style>
