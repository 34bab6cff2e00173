<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { count } from '$lib/words/counts';
  import { short } from '$lib/words/dates';
  import { capital } from '$lib/words/units.svelte';

  interface Props {
    trial: Schemas['TrialLine'];
    today: string;
  }
  const { trial, today }: Props = $props();
</script>

<li class="sheet">
  <h2><a class="link" href="/trials/{trial.uid}">{trial.name}</a></h2>
  <p class="quiet">
    {capital(trial.tried)}, on {count(trial.plants, 'plant')}, against {trial.against}; since {short(
      trial.since,
      today,
    )}.
  </p>
  {#if trial.conclusion}
    <blockquote>{trial.conclusion}</blockquote>
  {:else if trial.state === 'RIPE'}
    <p><b>It may be judged since {short(trial.judgeOn, today)}.</b></p>
  {:else}
    <p>It may be judged from {short(trial.judgeOn, today)} on.</p>
  {/if}
</li>

<style>
  li {
    list-style: none;
  }
  h2 {
    margin: 0;
    font-size: 18px;
  }
  p {
    margin: 4px 0 0;
  }
  blockquote {
    margin: 6px 0 0;
    padding-left: 12px;
    border-left: 3px solid var(--color-edge);
  }
</style>
