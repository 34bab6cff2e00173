<script lang="ts">
  interface Props {
    legend: string;
    choices: { value: string; words: string }[];
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
        aria-pressed={choice.value === value}
        onclick={() => onpick(choice.value)}>{choice.words}</button
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
    min-height: var(--least);
    padding: 0 14px;
    border: 1px solid var(--color-edge);
    border-radius: 12px;
    background: var(--color-slip);
    color: var(--color-ink);
    font: 600 15px var(--font-sans);
    cursor: pointer;
  }
  button[aria-pressed='true'] {
    border: 2px solid var(--color-plum);
    background: var(--color-plum-wash);
  }
</style>
