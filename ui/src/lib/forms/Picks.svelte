<script lang="ts">
  interface Props {
    legend: string;
    choices: { value: string; words: string; key?: string }[];
    value: string;
    onpick: (value: string) => void;
  }
  const { legend, choices, value, onpick }: Props = $props();
</script>

<fieldset>
  <legend>{legend}</legend>
  <div class="all">
    {#each choices as choice (choice.value)}
      <button
        type="button"
        class="choice"
        aria-pressed={choice.value === value}
        onclick={() => onpick(choice.value)}
        >{choice.words}
        {#if choice.key}<span class="kbd-hint" aria-hidden="true">{choice.key}</span>{/if}</button
      >
    {/each}
  </div>
</fieldset>

<style>
  fieldset {
    margin: 0 0 8px;
  }
  legend {
    margin-bottom: 4px;
    font-size: 14px;
    color: var(--color-ink-2);
  }
  .all {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
  }
  button {
    --least: 56px;
    padding: 0 14px;
    border-radius: 12px;
    font: 600 15px var(--font-sans);
  }
</style>
