<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import { Saving } from '$lib/api/saving.svelte';
  import type { Schemas } from '$lib/interface/schemas';
  import { failed, saved } from '$lib/shell/toaster';
  import { short } from '$lib/words/dates';
  import Sentence from '$lib/words/Sentence.svelte';
  import { tintOf } from './tints';

  interface Props {
    plant: Schemas['PlantPage'];
    moves: Schemas['MovesOfPlant'];
  }
  const { plant, moves }: Props = $props();
  const client = useQueryClient();
  const saving = new Saving();

  async function say(on: string, outcome: Schemas['OutcomeTold']['outcome'], words: string) {
    const result = await saving.save((headers) =>
      answered(
        api.POST('/api/plants/{id}/moves/{on}/outcome', {
          params: { path: { id: plant.id, on } },
          headers,
          body: { outcome },
        }),
      ),
    );
    if (result) saved(client, `The move of ${short(on, plant.today)}: ${words}`, result);
    else failed(saving.problem);
  }
</script>

<section class="sheet" aria-labelledby="moves">
  <h2 id="moves">What came of its moves</h2>
  <ul>
    {#each moves.moves as move (move.on)}
      <li style:--tint="var(--color-{tintOf(move.outcome)})">
        <p><Sentence parts={move.words} today={plant.today} /></p>
        <details>
          <summary>{move.said ? 'As you said' : 'By what that is known'}</summary>
          {#if move.restsOn.length}
            <ul class="signs">
              {#each move.restsOn as sign (sign)}
                <li>
                  <span class="quiet">{short(sign.on, plant.today)}</span>
                  <Sentence parts={sign.words} today={plant.today} />
                </li>
              {/each}
            </ul>
          {:else}
            <p class="quiet">Nothing was seen that tells.</p>
          {/if}
          {#if move.then.length}
            <dl>
              {#each move.then as { what, words } (what)}
                <dt>{what}</dt>
                <dd><Sentence parts={words} today={plant.today} /></dd>
              {/each}
            </dl>
          {/if}
          <div class="said" role="group" aria-label="It was otherwise">
            {#each moves.choices as choice (choice.outcome)}
              <button
                type="button"
                class="act small"
                aria-pressed={move.outcome === choice.outcome}
                disabled={saving.busy}
                onclick={() => say(move.on, choice.outcome, choice.words)}>{choice.words}</button
              >
            {/each}
            {#if move.said}
              <button
                type="button"
                class="link"
                disabled={saving.busy}
                onclick={() => say(move.on, null, 'worked out again')}>work it out again</button
              >
            {/if}
          </div>
        </details>
      </li>
    {/each}
  </ul>
  <p class="quiet">All moves together: <a class="link" href="/taught">what it taught</a></p>
</section>

<style>
  ul {
    display: grid;
    gap: 6px;
  }
  section > ul > li {
    padding-left: 10px;
    border-left: 4px solid var(--tint);
  }
  p {
    margin: 0;
  }
  section > ul {
    margin: 8px 0;
  }
  summary {
    min-height: 44px;
    align-content: center;
    font-size: 14px;
  }
  .signs {
    gap: 2px;
    font-size: 14.5px;
  }
  dl {
    display: grid;
    grid-template-columns: max-content minmax(0, 1fr);
    gap: 2px 12px;
    margin: 6px 0 0;
    font-size: 14.5px;
  }
  dt {
    color: var(--color-ink-2);
  }
  dd {
    margin: 0;
  }
  .said {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
    padding: 8px 0;
  }
  .said .act {
    min-height: 44px;
  }
</style>
