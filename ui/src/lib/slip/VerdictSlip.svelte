<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import VerdictMark from '$lib/drawings/VerdictMark.svelte';
  import Sentence from '$lib/words/Sentence.svelte';
  import { short } from '$lib/words/dates';

  interface Props {
    slip: Schemas['Slip'];
    /** The titles of things to look at, by item. */
    titles: Record<string, string>;
    check?: Schemas['CheckView'];
    inspectHref: string;
    /** The slip as it would be; nothing of it is saved. */
    supposed?: boolean;
  }
  const { slip, titles, check, inspectHref, supposed = false }: Props = $props();

  const words = $derived((items: string[]) =>
    items.map((item) => (titles[item] ?? item).toLowerCase()).join(', '),
  );
  function points(reason: Schemas['ReasonLine']): string {
    if (reason.scale === 'HAZARD') return 'now';
    if (!reason.points) return '';
    return {
      NEED: `need ${reason.points}`,
      READINESS: `ready ${reason.points}`,
      LOSS: `ready −${reason.points}`,
      NO_REASON: '',
    }[reason.scale];
  }
</script>

<section class="slip" class:supposed aria-labelledby="verdict">
  <div class="head">
    <VerdictMark verdict={slip.verdict} size={50} />
    <div>
      <p class="quiet">
        {supposed ? 'It would be, on' : 'Verdict,'}
        {short(slip.judgedOn, slip.judgedOn)}
      </p>
      <h2 id="verdict" data-start>{slip.title}</h2>
    </div>
  </div>
  <p class="advice"><Sentence parts={slip.advice} today={slip.judgedOn} /></p>

  {#if slip.method}<p class="method">{slip.method}</p>{/if}
  {#if slip.care.length}
    <ul class="care" aria-label="Without unpotting">
      {#each slip.care as fix, i (i)}<li>{fix}</li>{/each}
    </ul>
  {/if}

  {#if slip.costs.length}
    <ul class="costs" aria-label="What it costs">
      {#each slip.costs as cost, i (i)}<li>{cost}</li>{/each}
    </ul>
  {/if}

  <ul class="why" aria-label="Reasons">
    {#each slip.reasons as reason, i (i)}
      <li class={reason.side === 'FOR' ? 'for' : 'against'}>
        <span class="side" aria-label={reason.side === 'FOR' ? 'for a move' : 'against a move'}
          >{reason.side === 'FOR' ? '+' : '−'}</span
        >
        <span>
          <Sentence parts={reason.sentence} today={slip.judgedOn} />
          {#if reason.look && reason.look.on !== slip.judgedOn && !reason.sentence.some((part) => part.day)}
            <span class="quiet">seen {short(reason.look.on, slip.judgedOn)}</span>
          {/if}
        </span>
        {#if reason.rule && points(reason)}
          <a class="points" href="/rules#{reason.rule}" aria-label="{points(reason)}: its figure"
            >{points(reason)}</a
          >
        {:else}
          <span class="points">{points(reason)}</span>
        {/if}
      </li>
    {/each}
  </ul>
  <p class="sums">
    Need <b>{slip.need}</b> of 100 · readiness
    <b>{slip.readiness}{slip.readinessMost > slip.readiness ? ` to ${slip.readinessMost}` : ''}</b> of
    100
  </p>

  {#if slip.atTheBench}
    <p class="part caution">
      <b>Before you start.</b> A clean, sharp blade for this plant alone; gloves for moss and sap; wet
      dry bark and perlite before pouring, and wear a mask. Use chemicals only as their label says.
    </p>
  {/if}
  {#each slip.deciding as look, i (i)}
    <p class="part">
      <b>{i === 0 ? 'One look may settle it.' : 'Or this one.'}</b>
      {look.title}{look.how ? ` (${look.how.toLowerCase()})` : ''}: in {look.changes.length} of
      {look.outcomes} outcomes the verdict changes:
      {#each look.changes.slice(0, 3) as change, k (k)}{k ? '; ' : ''}{change.answer} →
        {change.title.toLowerCase()}{/each}{look.changes.length > 3 ? '…' : '.'}
    </p>
  {/each}
  <div class="part">
    <p class="quiet">By each approach</p>
    <ul class="others">
      {#each slip.approaches as each (each.approach)}
        <li class:force={each.inForce}>
          <VerdictMark verdict={each.verdict} size={18} />
          <span>
            <b>{each.name}: {each.title.toLowerCase()}.</b>
            <Sentence parts={each.why} today={slip.judgedOn} />
          </span>
        </li>
      {/each}
    </ul>
  </div>
  {#if slip.stale.length || slip.notLookedAt.length}
    <details class="part">
      <summary>
        {slip.notLookedAt.length} things not looked at{slip.stale.length
          ? `, ${slip.stale.length} too long ago`
          : ''}
      </summary>
      {#if slip.stale.length}<p><b>Too long ago:</b> {words(slip.stale)}.</p>{/if}
      {#if slip.notLookedAt.length}<p><b>Not looked at:</b> {words(slip.notLookedAt)}.</p>{/if}
      <a class="link" href={inspectHref}>Look now</a>
    </details>
  {/if}
  {#if check}
    <p class="part">
      <b>Next check</b>
      {short(check.best, slip.judgedOn)}, between {short(check.early, slip.judgedOn)} and
      {short(check.late, slip.judgedOn)}: {check.title.toLowerCase()}
    </p>
  {/if}
</section>

<style>
  .slip {
    position: relative;
    background: var(--color-slip);
    border: 1px solid var(--color-rule);
    border-top: 0;
    border-radius: 4px;
    padding: 22px 20px 6px;
    box-shadow: 0 10px 24px -18px #0007;
  }
  .slip::before {
    content: '';
    position: absolute;
    inset: -5px -1px auto;
    height: 6px;
    background: radial-gradient(circle at 6px 0, transparent 4.5px, var(--color-slip) 5px) 0 0/12px
      6px repeat-x;
  }
  .slip.supposed {
    border: 2px dashed var(--color-plum);
    border-top: 0;
  }
  .head {
    display: flex;
    gap: 14px;
    align-items: center;
  }
  .advice {
    margin: 12px 0 8px;
    font-size: 16px;
  }
  .method {
    margin: 0 0 8px;
    font-size: 15px;
  }
  .care {
    list-style: disc;
    margin: 0 0 8px;
    padding-left: 20px;
    color: var(--color-slate);
    font-weight: 600;
    font-size: 14.5px;
  }
  .costs {
    list-style: none;
    margin: 0 0 8px;
    padding: 0;
    color: var(--color-clay);
    font-size: 14.5px;
  }
  a.points {
    color: var(--color-plum);
    text-underline-offset: 3px;
  }
  .others li.force {
    background: var(--color-leaf);
    margin: 0 -8px;
    padding: 4px 8px;
    border-radius: 8px;
  }
  .others {
    list-style: none;
    padding: 0;
    margin: 4px 0 0;
    font-size: 14px;
  }
  .others li {
    display: flex;
    gap: 8px;
    padding: 3px 0;
  }
  summary {
    min-height: 28px;
    cursor: pointer;
  }
  .why {
    list-style: none;
    padding: 0;
    margin: 0;
    font-size: 14.5px;
  }
  .why li {
    display: grid;
    grid-template-columns: 18px 1fr auto;
    gap: 8px;
    padding: 4px 0;
  }
  .side {
    font-weight: 700;
    text-align: center;
  }
  .for .side {
    color: var(--color-plum);
  }
  .against .side {
    color: var(--color-slate);
  }
  .points,
  .sums {
    color: var(--color-ink-2);
    font-size: 13px;
    white-space: nowrap;
  }
  .points {
    padding-top: 1px;
  }
  .sums {
    margin: 8px 0 12px;
  }
  .part {
    margin: 0 -20px;
    padding: 10px 20px;
    border-top: 1px dashed var(--color-rule);
    font-size: 14.5px;
  }
  .caution {
    background: var(--color-ochre-wash);
  }
  b {
    font-weight: 650;
  }
</style>
