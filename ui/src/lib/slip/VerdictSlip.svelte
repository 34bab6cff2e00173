<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import VerdictMark from '$lib/drawings/VerdictMark.svelte';
  import HowToLook from '$lib/guide/HowToLook.svelte';
  import Sentence from '$lib/words/Sentence.svelte';
  import { short } from '$lib/words/dates';
  import Besides from './Besides.svelte';
  import Approaches from './ApproachesBeside.svelte';
  import First from './First.svelte';
  import MoveRisk from './MoveRisk.svelte';
  import NotLookedAt from './NotLookedAt.svelte';
  import Reasons from './Reasons.svelte';
  import { day } from './when';

  interface Props {
    slip: Schemas['Slip'];
    /** The titles of things to look at, by item. */
    titles: Record<string, string>;
    check?: Schemas['CheckView'];
    inspectHref: string;
    photos?: Schemas['Photo'][];
    /** The course that runs on it. */
    treatment?: Schemas['TreatmentView'] | null;
    trials?: Schemas['OnTrial'][];
    /** The slip as it would be; nothing of it is saved. */
    supposed?: boolean;
  }
  const {
    slip,
    titles,
    check,
    inspectHref,
    photos = [],
    treatment,
    trials,
    supposed = false,
  }: Props = $props();
  const move = $derived(slip.ahead.nextMove);
  /** Where the advice does not speak of it. */
  const shown = ['WATCH', 'ADJUST_CARE', 'LIFT_AND_LOOK'];
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
      {#if day(slip)}<p class="day">{day(slip)}</p>{/if}
      {#if slip.since && slip.since < slip.judgedOn}<p class="quiet">
          asked for since {short(slip.since, slip.judgedOn)}
        </p>{/if}
    </div>
  </div>
  <First {slip} {treatment} {trials} />
  <p class="advice"><Sentence parts={slip.advice} today={slip.judgedOn} /></p>

  <Reasons {slip} {photos} />

  {#if slip.method}
    <p class="part">
      <b>How.</b>
      {slip.method}
      {#if slip.methodBecause}<span class="quiet">Since {slip.methodBecause}.</span>{/if}
    </p>
  {/if}
  {#if move && shown.includes(slip.verdict)}
    <p class="part">
      <b>Next move.</b> About {short(move.likely, slip.judgedOn)}{move.when
        ? `, when ${move.when}`
        : ''}.
    </p>
  {/if}
  <Besides {slip} />
  {#if slip.risk}<MoveRisk risk={slip.risk} today={slip.judgedOn} />{/if}

  {#if slip.atTheBench}
    <p class="part caution">
      <b>Before you start.</b> A clean, sharp blade for this plant alone; gloves for moss and sap; wet
      dry bark and perlite before pouring, and wear a mask. Use chemicals only as their label says.
    </p>
  {/if}
  {#each slip.deciding as look, i (look.item)}
    <p class="part">
      <b>{i === 0 ? 'One look may settle it.' : 'Or this one.'}</b>
      <Sentence parts={look.words} today={slip.judgedOn} />
      <HowToLook item={look.item} title={look.title} />
    </p>
  {/each}
  <Approaches {slip} />
  <NotLookedAt {slip} {titles} {inspectHref} />
  {#if check}
    <p class="part">
      <b>Next check</b>
      {short(check.best, slip.judgedOn)}, between {short(check.early, slip.judgedOn)} and
      {short(check.late, slip.judgedOn)}: {check.title.charAt(0).toLowerCase() +
        check.title.slice(1)}
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
  .day {
    margin: 0;
    font-size: 17px;
    font-weight: 600;
  }
  .caution {
    background: var(--color-ochre-wash);
  }
  b {
    font-weight: 650;
  }
</style>
