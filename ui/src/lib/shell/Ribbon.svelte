<script lang="ts">
  import { afterNavigate } from '$app/navigation';
  import { sitePage, yearWeeks } from '$lib/api/queries';
  import YearRibbon from '$lib/drawings/YearRibbon.svelte';
  import { long } from '$lib/words/dates';

  const site = sitePage();
  const weeks = yearWeeks();

  const hours = $derived(site.data ? Math.floor(site.data.lightHours) : 0);
  const minutes = $derived(site.data ? Math.round((site.data.lightHours - hours) * 60) : 0);

  /** On a phone each week is as wide as a thumb. */
  const THUMB = 44;
  let strip = $state<HTMLElement>();
  let open = $state(false);

  afterNavigate(() => (open = false));
  $effect(() => {
    strip?.querySelector('[aria-current]')?.scrollIntoView({ inline: 'center', block: 'nearest' });
  });
</script>

<header>
  {#if site.data}
    <div class="when">
      <span class="date">{long(site.data.today)}</span>
      <span class="quiet">
        {hours} h {minutes} of light{#if site.data.demo}, demo<span class="wide"
            >&nbsp;collection</span
          >{/if}
      </span>
    </div>
    <div class="year">
      <YearRibbon weeks={site.data.year} today={site.data.today} marks={weeks.data ?? []} />
    </div>
  {:else if site.isError}
    <span class="quiet">{site.error.message}</span>
  {/if}
  {#if site.data}
    <button
      class="act small weeks"
      aria-expanded={open}
      aria-controls="weeks"
      onclick={() => (open = !open)}>Weeks</button
    >
  {/if}
  <a class="act small" href="/plants/new">Add a plant</a>
</header>
{#if open && site.data}
  <div class="strip" id="weeks" bind:this={strip}>
    <div style:width="{site.data.year.length * THUMB}px">
      <YearRibbon
        weeks={site.data.year}
        today={site.data.today}
        marks={weeks.data ?? []}
        step={THUMB}
      />
    </div>
  </div>
{/if}

<style>
  header {
    display: flex;
    align-items: center;
    gap: 22px;
    min-height: 64px;
    padding: 4px 20px;
    border-bottom: 1px solid var(--color-rule);
    background: var(--color-leaf);
  }
  .when {
    display: flex;
    flex-direction: column;
    min-width: 190px;
  }
  .date {
    font: 520 19px/1.2 var(--font-serif);
    white-space: nowrap;
  }
  .year {
    flex: 1;
    min-width: 0;
  }
  .act {
    margin-left: auto;
    white-space: nowrap;
  }
  .weeks,
  .strip {
    display: none;
  }
  @media (max-width: 700px) {
    .weeks {
      display: inline-flex;
    }
    .weeks ~ .act {
      margin-left: 0;
    }
    .strip {
      display: block;
      overflow-x: auto;
      padding: 2px 0;
      border-bottom: 1px solid var(--color-rule);
      background: var(--color-leaf);
    }
    .strip :global(svg) {
      max-width: none;
    }
    .when {
      min-width: 0;
    }
    .wide {
      display: none;
    }
    header {
      gap: 10px;
      padding: 6px 14px;
    }
    .year {
      display: none;
    }
  }
</style>
