<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import type { Schemas } from '$lib/api/client';
  import { takeBack } from '$lib/shell/toaster';
  import { partial, short } from '$lib/words/dates';

  interface Props {
    plant: Schemas['PlantPage'];
  }
  const { plant }: Props = $props();
  const client = useQueryClient();

  const today = $derived(plant.slip.judgedOn);
  const correctedBy = $derived(
    new Map(plant.journal.filter((line) => line.corrects).map((line) => [line.corrects, line])),
  );
  const first = $derived(Math.min(...plant.journal.map((line) => line.id)));
</script>

<section class="sheet" aria-labelledby="journal">
  <h2 id="journal">Journal</h2>
  <ol>
    {#each plant.journal as line (line.id)}
      <li class:gone={line.standing !== 'HOLDS'}>
        <span class="quiet">{short(line.on, today)}</span>
        <div>
          {#if line.standing === 'HOLDS'}
            <p>{line.words}{line.pottedOn ? `, potted ${partial(line.pottedOn)}` : ''}</p>
          {:else}
            <p><del>{line.words}</del></p>
          {/if}
          {#if line.note}<p class="note">{line.note}</p>{/if}
          {#if line.standing === 'CORRECTED'}
            <p class="quiet">
              corrected on {short(correctedBy.get(line.id)?.recordedOn ?? line.recordedOn, today)}
            </p>
          {:else if line.standing === 'TAKEN_BACK'}
            <p class="quiet">taken back</p>
          {:else}
            {#if line.corrects}<p class="quiet">a correction</p>{/if}
            <p class="acts">
              {#if line.kind === 'INSPECTION'}
                <a
                  class="link"
                  href="/plants/{plant.id}/inspect?corrects={line.id}"
                  aria-label="Correct the inspection of {short(line.on, today)}">Correct</a
                >
              {/if}
              {#if line.id !== first}
                <button
                  class="link"
                  aria-label="Take back: {line.words}"
                  onclick={() => takeBack(client, line.id)}>Take back</button
                >
              {/if}
            </p>
          {/if}
        </div>
      </li>
    {/each}
  </ol>
</section>

<style>
  ol {
    list-style: none;
    padding: 0;
    margin: 8px 0 0;
  }
  li {
    display: grid;
    grid-template-columns: 62px minmax(0, 1fr);
    gap: 10px;
    padding: 6px 0;
    font-size: 14.5px;
  }
  li:not(:last-child) {
    border-bottom: 1px solid var(--color-rule);
  }
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
