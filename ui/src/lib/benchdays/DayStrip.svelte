<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';

  const { day }: { day: Schemas['DayPlanned'] } = $props();

  const used = $derived(day.done + day.taken);
  const all = $derived(Math.max(day.minutes, used, 1));
  const share = (minutes: number) => `${(100 * minutes) / all}%`;

  function tint({ hazard, soundness, verdict }: Schemas['JobAhead']): string {
    if (hazard || soundness === 'SUSPECT') return 'clay';
    if (verdict === 'DIVIDE') return 'plum';
    return soundness === 'DOUBTFUL' ? 'ochre' : 'moss';
  }
</script>

<!-- The list beside it says the same in words. -->
<div class="strip" aria-hidden="true">
  {#if day.done}
    <i class="done" style:width={share(day.done)} title="done, {day.done} min"
      ><span>✓ done</span></i
    >
  {/if}
  {#each day.jobs as job (job.plantId)}
    <i class={tint(job)} style:width={share(job.minutes)} title="{job.name}, {job.minutes} min">
      <span>{job.name}</span>
    </i>
  {/each}
  {#if used < day.minutes}
    <i class="free" style:width={share(day.minutes - used)}></i>
  {:else if used > day.minutes}
    <b style:left={share(day.minutes)}></b>
  {/if}
</div>

<style>
  .strip {
    position: relative;
    display: flex;
    gap: 2px;
    height: 40px;
  }
  i {
    display: flex;
    align-items: center;
    min-width: 0;
    padding: 0 7px;
    overflow: hidden;
    border: 1px solid var(--color-rule);
    border-radius: 6px;
    font-style: normal;
    font-size: 13px;
    white-space: nowrap;
  }
  .moss {
    background: var(--color-moss-wash);
  }
  .plum {
    background: var(--color-plum-wash);
  }
  .ochre {
    background: var(--color-ochre-wash);
  }
  .clay {
    background: var(--color-clay-wash);
  }
  .done {
    color: var(--color-ink-2);
    background: var(--color-rule);
  }
  .free {
    background: none;
    border-style: dashed;
  }
  b {
    position: absolute;
    top: -5px;
    bottom: -5px;
    border-left: 2px solid var(--color-clay);
  }
</style>
