<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';

  interface Props {
    choices: Schemas['TrialChoice'][];
    looks: string[];
    fault?: string;
  }
  let { choices, looks = $bindable(), fault }: Props = $props();
</script>

<fieldset>
  <legend>What is looked at, every six weeks and on the last day</legend>
  {#if fault}<p class="fault" role="alert">{fault}</p>{/if}
  <div class="all">
    {#each choices as { item, title, measured } (item)}
      <label>
        <input class="checkbox" type="checkbox" value={item} bind:group={looks} />
        <span
          >{title}{#if measured}<span class="quiet">, measured</span>{/if}</span
        >
      </label>
    {/each}
  </div>
</fieldset>

<style>
  fieldset {
    width: 100%;
    margin: 0;
    padding: 0;
    border: 0;
  }
  legend {
    font-weight: 600;
  }
  .all {
    columns: 3 220px;
  }
  label {
    display: flex;
    gap: 10px;
    align-items: center;
    min-height: 44px;
    break-inside: avoid;
    cursor: pointer;
  }
  .fault {
    margin: 0;
  }
</style>
