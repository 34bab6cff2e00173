<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { span } from '$lib/words/dates';

  interface Props {
    later: Schemas['LaterCheck'][];
    today: string;
  }
  const { later, today }: Props = $props();
</script>

<h3>Later, if all is as hoped</h3>
<ul>
  {#each later as { title, lookFor, early, late } (title)}
    <li>
      <p>{title} <span class="quiet">{lookFor}</span></p>
      <p class="when">{span(early, late, today)}</p>
    </li>
  {/each}
</ul>

<style>
  h3 {
    margin: 12px 0 0;
    font-size: 15px;
  }
  li {
    display: grid;
    gap: 2px 12px;
    align-items: baseline;
    padding: 6px 0;
    font-size: 14.5px;
  }
  p {
    margin: 0;
  }
  .when {
    text-align: right;
  }
</style>
