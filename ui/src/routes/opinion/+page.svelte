<script lang="ts">
  import { sitePage } from '$lib/api/queries';
  import FormHead from '$lib/forms/FormHead.svelte';
  import Beside from '$lib/opinion/Beside.svelte';
  import Given from '$lib/opinion/Given.svelte';
  import { OpinionFile } from '$lib/opinion/opinion.svelte';

  const site = sitePage();
  const today = $derived(site.data?.today ?? '');
  const chosen = new OpinionFile();
</script>

<svelte:head><title>A second opinion · Mellow Almanac</title></svelte:head>

<div class="page-head">
  <h1>A second opinion</h1>
</div>

<section class="sheet" aria-label="The file">
  <p>
    A plant leaves as a file from its papers, with all that was seen and without its verdict.
    Whoever gets it chooses it here and judges it blind; the answer is a file, too, and is chosen
    here by whoever asked.
  </p>
  <label class="act">
    {chosen.reading.busy ? 'Reading it…' : 'Choose a file'}<input
      type="file"
      accept=".json,application/json"
      class="sr-only"
      onchange={(event) => {
        void chosen.read(event.currentTarget.files?.[0]);
        event.currentTarget.value = '';
      }}
    />
  </label>
  <FormHead problem={chosen.reading.problem} fields={[]} />
</section>
{#if chosen.hand}<Given hand={chosen.hand} {today} />{/if}
{#if chosen.beside}<Beside beside={chosen.beside} {today} />{/if}

<style>
  section {
    margin-bottom: 16px;
  }
  p {
    max-width: 70ch;
    margin: 0 0 10px;
  }
</style>
