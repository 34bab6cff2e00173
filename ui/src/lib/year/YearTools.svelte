<script lang="ts">
  import { LEVELS, pushed, type View, viewOf } from './days';

  interface Props {
    view: View;
    now: number;
    by: 'opens' | 'place';
    search: string;
    underneath: boolean;
    print: () => void;
    move: (to: View) => void;
  }
  let {
    view,
    now,
    by = $bindable(),
    search = $bindable(),
    underneath = $bindable(),
    print,
    move,
  }: Props = $props();
</script>

<div class="tools">
  <div class="levels" role="group" aria-label="How much time">
    {#each LEVELS as level (level.name)}
      <button
        class="act small"
        aria-pressed={Math.round(view.days) === level.days}
        onclick={() => move(viewOf(level, now))}>{level.name}</button
      >
    {/each}
    <button class="act small step" aria-label="Earlier" onclick={() => move(pushed(view, -0.5))}
      >‹</button
    >
    <button class="act small step" aria-label="Later" onclick={() => move(pushed(view, 0.5))}
      >›</button
    >
  </div>
  <input
    class="input"
    type="search"
    aria-label="Find a plant"
    placeholder="name or place"
    bind:value={search}
  />
  <div class="levels">
    <button
      class="act small"
      aria-pressed={by === 'place'}
      onclick={() => (by = by === 'place' ? 'opens' : 'place')}>by place</button
    >
    <button class="act small" aria-pressed={underneath} onclick={() => (underneath = !underneath)}
      >last year underneath</button
    >
    <button class="act small print" onclick={print}>print</button>
  </div>
</div>

<style>
  .tools {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 14px;
    align-items: center;
    margin-bottom: 12px;
  }
  .levels {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
  }
  .input {
    width: 170px;
  }
  .step {
    min-width: 44px;
  }
  [aria-pressed='true'] {
    background: var(--color-plum-wash);
    border-color: var(--color-plum);
  }
  @media (max-width: 700px) {
    .step,
    .print {
      display: none;
    }
    .tools {
      gap: 6px;
    }
    .levels .act {
      padding: 0 9px;
    }
  }
  @media print {
    .tools {
      display: none;
    }
  }
</style>
