<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import type { TypedLook } from '$lib/looks/looks';
  import HowToLook from '$lib/guide/HowToLook.svelte';
  import { measuredOut, unitOf } from '$lib/words/units.svelte';

  interface Props {
    choice: Schemas['LookChoice'];
    look: TypedLook;
    /** What was seen last time; drawn dashed. */
    last?: Schemas['LookEntry'];
    /** Whether that is too old to speak for today. */
    old: boolean;
    /** Whether the keys 1 to 9 answer this row. */
    current: boolean;
    tapped: () => void;
  }
  let { choice, look = $bindable(), last, old, current, tapped }: Props = $props();
  const id = $props.id();

  export function pick(answer: string) {
    const had = look.answers.includes(answer);
    const others = look.answers.filter((each) => each !== answer && each !== 'NONE');
    let answers: string[] = [];
    if (!had) answers = choice.several && answer !== 'NONE' ? [...others, answer] : [answer];
    else if (choice.several) answers = others;
    look = { ...look, answers };
    tapped();
  }
</script>

<div class="row" class:current data-look={choice.item} role="group" aria-labelledby="{id}-title">
  <div class="title">
    <span
      ><span id="{id}-title">{choice.title}</span
      >{#if old && !look.answers.length && !look.measured}<small class="quiet">grown old</small
        >{/if}</span
    >
    <HowToLook item={choice.item} title={choice.title} byKey />
  </div>
  <div class="picks">
    {#each choice.answers as each, i (each.answer)}
      <button
        type="button"
        class="pick"
        class:last={last?.answers.includes(each.answer)}
        aria-pressed={look.answers.includes(each.answer)}
        onclick={() => pick(each.answer)}
        >{each.words}{#if current && i < 9}<span class="kbd-hint" aria-hidden="true">{i + 1}</span
          >{/if}</button
      >
    {/each}
    {#if choice.measure}
      <label class="measure" class:given={look.measured.trim() !== ''}>
        <span class="sr-only">{choice.title}: {choice.measure.words}</span>
        <input
          class="input"
          inputmode="decimal"
          placeholder={last?.measured == null
            ? ''
            : measuredOut(last.measured, choice.measure.unit)}
          value={look.measured}
          oninput={(event) => (look = { ...look, measured: event.currentTarget.value })}
          onchange={tapped}
        />
        {unitOf(choice.measure.unit) || choice.measure.words}
      </label>
    {/if}
  </div>
</div>

<style>
  .row {
    display: grid;
    grid-template-columns: 140px minmax(0, 1fr);
    gap: 4px 12px;
    align-items: center;
    padding: 5px 0 5px 8px;
    border-bottom: 1px solid var(--color-rule);
    border-left: 3px solid transparent;
  }
  .row.current {
    border-left-color: var(--color-plum);
  }
  .title {
    display: flex;
    align-items: center;
    justify-content: space-between;
    font: 520 16px var(--font-serif);
  }
  small {
    display: block;
    font: 500 13px var(--font-sans);
  }
  .picks {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
  }
  .pick {
    position: relative;
    display: inline-flex;
    align-items: center;
    min-height: 44px;
    min-width: 46px;
    justify-content: center;
    padding: 0 10px;
    border: 1px solid var(--color-rule);
    border-radius: 12px;
    background: var(--color-slip);
    color: var(--color-ink);
    font: 550 14px var(--font-sans);
    cursor: pointer;
  }
  .pick .kbd-hint {
    position: absolute;
    top: -6px;
    right: -3px;
    background: var(--color-leaf);
    color: var(--color-ink-2);
    opacity: 1;
  }
  .pick.last {
    border: 2px dashed var(--color-ink-2);
  }
  .pick[aria-pressed='true'] {
    background: var(--color-ink);
    border: 2px solid var(--color-ink);
    color: var(--color-leaf);
  }
  .measure {
    display: inline-flex;
    align-items: center;
    gap: 6px;
    color: var(--color-ink-2);
    font-size: 14px;
  }
  .measure.given {
    color: var(--color-ink);
    font-weight: 600;
  }
  .measure .input {
    width: 58px;
  }
  @media (max-width: 900px) {
    .row {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
