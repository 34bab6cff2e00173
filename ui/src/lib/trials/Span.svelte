<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { daysBetween, short } from '$lib/words/dates';

  interface Props {
    page: Schemas['TrialPage'];
    today: string;
  }
  /** From its first day to the day on which it may be judged, with every look. */
  const { page, today }: Props = $props();
  const { since, judgeOn, closedOn, state } = $derived(page.trial);

  const W = 720;
  const Y = 22;
  const end = $derived(closedOn ?? today);
  const days = $derived(Math.max(daysBetween(since, judgeOn), daysBetween(since, end), 1));
  const x = $derived((day: string) => 8 + (daysBetween(since, day) / days) * (W - 16));
  const looked = $derived([
    ...new Set(page.looks.flatMap(({ rows }) => rows.flatMap(({ seen }) => seen.map((s) => s.on)))),
  ]);
  const words = $derived(
    state === 'CLOSED'
      ? `Closed on ${short(closedOn!, today)}`
      : state === 'RIPE'
        ? `It may be judged since ${short(judgeOn, today)}`
        : `Measurements and no conclusion until ${short(judgeOn, today)}`,
  );
</script>

<svg viewBox="0 0 {W} 40" width="100%" aria-hidden="true">
  <path d="M8 {Y}H{W - 8}" stroke="var(--color-rule)" stroke-width="10" stroke-linecap="round" />
  <path
    d="M8 {Y}H{Math.max(8, x(end))}"
    stroke="var(--color-{state === 'UNDER_WAY' ? 'ochre' : 'moss'})"
    stroke-width="10"
    stroke-linecap="round"
    opacity="0.55"
  />
  {#each looked as day (day)}
    <circle cx={x(day)} cy={Y} r="4.5" fill="var(--color-ink)" />
  {/each}
  <path d="M{x(judgeOn)} 6V38" stroke="var(--color-plum)" stroke-width="3" />
</svg>
<p>
  <b>{words}.</b>
  <span class="quiet">
    Begun on {short(since, today)}; {looked.length
      ? `looked at on ${looked.length === 1 ? 'a day' : `${looked.length} days`}`
      : 'not looked at yet'}.
  </span>
</p>

<style>
  svg {
    display: block;
    max-width: 760px;
  }
  p {
    margin: 4px 0 0;
  }
</style>
