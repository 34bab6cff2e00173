<script lang="ts">
  import type { Drawn } from '../pictures';
  const LEAD: Record<string, number> = {
    ROOM: 52,
    UNDER_A_SEASON: 72,
    UNDER_HALF_SEASON: 82,
    OVER: 104,
  };

  const { answer }: Drawn = $props();
</script>

<circle class="medium" cx="56" cy="42" r="36" />
<circle class="pot" cx="56" cy="42" r="36" />
{#if answer in LEAD}
  {@const lead = LEAD[answer]!}
  <path class="ink" stroke-width="4" d="M{lead - 34} 42H{lead}" />
  <circle class="live" cx={lead - 34} cy="42" r="6" />
  <circle class="live" cx={lead - 17} cy="42" r="6.5" />
  <circle class="mark" cx={lead} cy="42" r="6" />
  {#if answer === 'ROOM'}
    <circle class="mark thin" cx="69" cy="42" r="6" fill="none" stroke-dasharray="3 3" />
    <circle class="mark thin" cx="84" cy="42" r="6" fill="none" stroke-dasharray="3 3" />
  {:else if answer !== 'OVER'}
    <circle class="mark thin" cx={lead + 17} cy="42" r="6.5" fill="none" stroke-dasharray="3 3" />
  {:else}
    <path class="mark thin" fill="none" d="M92 60v8m12-8v8M93 64h10" />
  {/if}
{:else}
  <path class="ink" stroke-width="4" d="M50 42h32" />
  <circle class="live" cx="50" cy="42" r="6" />
  <circle class="live" cx="67" cy="42" r="6.5" />
  {#if answer === 'JAMMED'}
    <path class="mark" d="M80 42q0-9 8-11 4 11 0 22-8-2-8-11z" />
    <path class="mark" fill="none" d="M110 42H98m5-5-5 5 5 5" />
  {:else}
    <path class="bad" d="M78 44q0-8 6-8t5-14q4-4 3 6 0 14-3 20-8 2-11-4z" />
    <path class="bad thin" fill="none" d="M84 40l5-8m-6 3 4 4" />
  {/if}
{/if}
