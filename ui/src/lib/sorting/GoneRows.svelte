<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';

  const { plants }: { plants: Schemas['GonePlant'][] } = $props();
</script>

<ul class="sheet gone" aria-label="No longer here">
  {#each plants as plant (plant.id)}
    <li>
      <a href="/plants/{plant.id}">
        <span class="who">
          <b>{plant.name}</b>
          <span class="quiet">
            {plant.number} · {plant.statusWords}{plant.reason ? `: ${plant.reason}` : ''}
          </span>
        </span>
      </a>
    </li>
  {/each}
</ul>

<style>
  ul {
    padding: 4px 0;
    margin: 12px 0 0;
  }
  li {
    padding-left: 16px;
    content-visibility: auto;
    contain-intrinsic-size: auto 58px;
  }
  li:not(:last-child) {
    border-bottom: 1px solid var(--color-rule);
  }
  a {
    display: grid;
    align-items: center;
    min-height: 52px;
    padding: 7px 16px 7px 0;
    color: var(--color-ink);
    text-decoration: none;
  }
  a:hover b {
    text-decoration: underline;
  }
  .who {
    display: flex;
    flex-direction: column;
  }
  .who b {
    overflow-wrap: anywhere;
  }
</style>
