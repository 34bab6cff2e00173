<script lang="ts">
  import { page } from '$app/state';
  import { sitePage } from '$lib/api/queries';
  import { plusDays, span } from '$lib/words/dates';
  import Week from '$lib/week/Week.svelte';
  import { mondayOf } from '$lib/week/week';

  const site = sitePage();
  const day = $derived(page.params.day ?? '');
  const real = $derived(/^\d{4}-\d\d-\d\d$/.test(day) && !Number.isNaN(Date.parse(day)));
  const monday = $derived(real ? mondayOf(day) : '');
  const title = $derived(
    real && site.data ? span(monday, plusDays(monday, 6), site.data.today) : 'A week',
  );
</script>

<svelte:head><title>{title} · Mellow Almanac</title></svelte:head>

<div class="page-head">
  <h1>{title}</h1>
  {#if real}
    <span class="quiet no-print">
      <a class="link" href="/week/{plusDays(monday, -7)}">the week before</a>
      <a class="link" href="/week/{plusDays(monday, 7)}">the week after</a>
      <a class="link" href="/year">the year</a>
      <button type="button" class="link" onclick={() => print()}>Print</button>
    </span>
  {/if}
</div>

{#if real}<Week {monday} />{:else}
  <p class="sheet">
    “{day}” is no day; a week is opened by one of its days, such as <b>2027-05-10</b>.
  </p>
{/if}

<style>
  @media print {
    .no-print {
      display: none;
    }
  }
</style>
