<script lang="ts">
  import Picks from '$lib/forms/Picks.svelte';
  import { keyUse, type KeyUse } from '$lib/forms/shortcut.svelte';

  const WAYS = [
    { value: 'ALONE', words: 'by themselves' },
    { value: 'ALT', words: 'with Alt held' },
    { value: 'OFF', words: 'not at all' },
  ];
</script>

<section class="sheet" aria-labelledby="keys">
  <h2 id="keys">Single keys</h2>
  <p class="quiet">
    Pages answer to letters and digits that stand beside their buttons. Who speaks to the computer,
    or touches keys by accident, has them with Alt alone, or none. Kept in this browser.
  </p>
  <Picks
    legend="They act"
    choices={WAYS}
    value={keyUse.chosen}
    onpick={(way) => keyUse.choose(way as KeyUse)}
  />
</section>

<style>
  p {
    margin-bottom: 10px;
  }
</style>
