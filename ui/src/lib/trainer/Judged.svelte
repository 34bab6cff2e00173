<script lang="ts">
  import VerdictMark from '$lib/drawings/VerdictMark.svelte';
  import type { Schemas } from '$lib/interface/schemas';
  import Sentence from '$lib/words/Sentence.svelte';
  import { short } from '$lib/words/dates';
  import { capital } from '$lib/words/units.svelte';
  import Seen from './Seen.svelte';

  interface Props {
    judged: Schemas['CaseJudged'];
    roots: Schemas['RootLengths'] | undefined;
    today: string;
    onnext: () => void;
  }
  const { judged, roots, today, onnext }: Props = $props();
  const slip = $derived(judged.slip);
  const carried = $derived((slip?.reasons ?? []).filter(({ carries }) => carries));
  const right = $derived(judged.mark === 'RIGHT');
</script>

<section class="sheet" class:right aria-labelledby="worth">
  <h2 id="worth" role="status">{capital(judged.markWords)}</h2>
  {#if judged.shows}<p>{judged.shows}</p>{/if}
  {#if slip}
    <p class="verdict"><VerdictMark verdict={slip.verdict} /> <b>{slip.title}</b></p>
    <p><Sentence parts={slip.advice} {today} /></p>
    {#if carried.length}
      <ul>
        {#each carried as reason, i (i)}<li>
            <Sentence parts={reason.sentence} {today} />.
          </li>{/each}
      </ul>
    {/if}
    {#if judged.alsoBy.length}
      <p>So judges {judged.alsoBy.map((each) => `“${each}”`).join(' and ')}.</p>
    {/if}
  {/if}
  {#if judged.unseen.length}
    <h3>A look would have shown</h3>
    <Seen seen={judged.unseen} {roots} {today} />
  {/if}
  <h3>{slip ? 'What was done, and what came of it' : 'It is'}</h3>
  <p>
    <Sentence parts={judged.done} {today} />
    {#if judged.came.length}<Sentence parts={judged.came} {today} />{/if}
  </p>
  {#if slip}
    <details class="fold">
      <summary>By each approach</summary>
      <ul>
        {#each slip.approaches as by (by.approach)}
          <li>
            <VerdictMark verdict={by.verdict} size={16} />
            <b>{by.title}</b> <span class="quiet">{by.name}</span>
            <Sentence parts={by.why} {today} />
          </li>
        {/each}
      </ul>
    </details>
  {/if}
  <p class="quiet">
    {judged.again ? `It comes back on ${short(judged.again, today)}.` : 'It does not come back.'}
  </p>
  <button type="button" class="act go tall" onclick={onnext}
    >Go on <span class="kbd-hint" aria-hidden="true">Enter</span></button
  >
</section>

<style>
  section {
    border-left: 6px solid var(--color-ochre);
  }
  .right {
    border-left-color: var(--color-moss);
  }
  h2,
  p {
    margin: 0 0 6px;
  }
  h3 {
    margin: 10px 0 4px;
    font-size: 16px;
  }
  .verdict {
    display: flex;
    align-items: center;
    gap: 8px;
  }
  ul {
    margin: 0 0 6px;
  }
  li {
    margin-bottom: 4px;
    font-size: 14.5px;
  }
</style>
