<script lang="ts">
  import { sitePage } from '$lib/api/queries';
  import Approaches from '$lib/settings/ApproachChoice.svelte';
  import Latitude from '$lib/settings/Latitude.svelte';
  import Written from '$lib/settings/Written.svelte';
  import FirstPlaces from './FirstPlaces.svelte';

  const site = sitePage();
</script>

<h1>Welcome</h1>
<p class="lead">
  Mellow Almanac keeps a history for each of your orchids, says which one wants a new pot and which
  is better left alone, and why. Nothing has to be filled in first; what you change here can be
  changed again in the settings.
</p>

<section class="sheet ways" aria-labelledby="begin">
  <h2 id="begin">Begin</h2>
  <div>
    <a class="act go" href="/plants/new">Add a plant</a>
    <p class="quiet">
      Its name, its kind, where it stands and when it was potted; a verdict comes at once.
    </p>
  </div>
  <div>
    <a class="act" href="/plants/sheet">Bring in a list</a>
    <p class="quiet">
      From a spreadsheet, one plant in a row; you see what is understood before anything is kept.
    </p>
  </div>
  <div>
    <a class="act" href="/settings#carried">Take a file in</a>
    <p class="quiet">A collection that was saved as a file, here or on another machine.</p>
  </div>
  <div>
    <p><b>Look round first</b></p>
    <p class="quiet">
      <code>./almanac demo</code> opens an invented collection of 64 plants in a folder of its own;
      it never mixes with yours. Close it with Ctrl+C, and <code>./almanac run</code> brings you back
      here.
    </p>
  </div>
</section>

<div class="sheets">
  {#if site.data}
    <Latitude site={site.data} />
    <FirstPlaces />
    <Written />
    <Approaches />
  {/if}
</div>

<style>
  h1 {
    margin: 0 0 6px;
  }
  .lead {
    max-width: 68ch;
    margin: 0 0 16px;
  }
  .ways {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(200px, 100%), 1fr));
    gap: 10px 24px;
    max-width: 1000px;
    margin-bottom: 16px;
  }
  .ways h2 {
    grid-column: 1 / -1;
    margin: 0;
  }
  .ways p {
    margin: 8px 0 0;
  }
  .sheets {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(300px, 100%), 1fr));
    gap: 16px;
    align-items: start;
    max-width: 1000px;
  }
</style>
