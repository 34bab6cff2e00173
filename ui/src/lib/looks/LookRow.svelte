<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import HowToLook from '$lib/guide/HowToLook.svelte';
  import { unitOf } from '$lib/words/units.svelte';
  import { looked, type TypedLook } from './looks';

  interface Props {
    choice: Schemas['LookChoice'];
    look: TypedLook;
    /** Which lead, where there are several. */
    lead?: string;
    /** What was seen last time, in words. */
    last?: string;
    fault?: string;
    /** What leaving the row alone means. */
    leave?: string;
    /** Whether the row can be taken as not looked at although something is known. */
    forgettable?: boolean;
  }
  let {
    choice,
    look = $bindable(),
    lead,
    last,
    fault,
    leave = 'not looked at',
    forgettable = false,
  }: Props = $props();
  const id = $props.id();
  /** Taps one answer: the only one, or one more or less where several may hold. */
  function tap(answer: string) {
    look.forgotten = false;
    if (!choice.several) look.answers = [answer];
    else if (look.answers.includes(answer))
      look.answers = look.answers.filter((each) => each !== answer);
    else if (answer === 'NONE') look.answers = ['NONE'];
    else look.answers = [...look.answers.filter((each) => each !== 'NONE'), answer];
  }

  function untap() {
    look.answers = [];
    look.measured = '';
    look.forgotten = false;
  }

  function forget() {
    untap();
    look.forgotten = true;
  }
</script>

<fieldset aria-describedby="{id}-how {fault ? `${id}-fault` : ''}" data-look={choice.item}>
  <legend>{choice.title}{lead ? `, lead ${lead}` : ''}</legend>
  <div class="how">
    <HowToLook item={choice.item} title={choice.title} byKey />
    <p class="quiet" id="{id}-how">{choice.how}{last ? ` · last: ${last}` : ''}</p>
  </div>
  <div class="picks">
    <label class="pick none">
      <input
        type={choice.several ? 'checkbox' : 'radio'}
        name="{id}-answer"
        checked={!looked(look)}
        onchange={untap}
      />
      <span>{leave}</span>
    </label>
    {#if forgettable}
      <label class="pick none">
        <input
          type={choice.several ? 'checkbox' : 'radio'}
          name="{id}-answer"
          checked={Boolean(look.forgotten)}
          onchange={forget}
        />
        <span>not looked at</span>
      </label>
    {/if}
    {#each choice.answers as each (each.answer)}
      <label class="pick">
        <input
          type={choice.several ? 'checkbox' : 'radio'}
          name="{id}-answer"
          checked={look.answers.includes(each.answer)}
          onchange={() => tap(each.answer)}
        />
        <span>{each.words}</span>
      </label>
    {/each}
    {#if choice.measure}
      <label class="length" class:given={look.measured.trim() !== ''}>
        <span>{choice.measure.words}</span>
        <input
          class="input"
          inputmode="decimal"
          aria-label="{choice.title}: {choice.measure.words}{choice.measure.unit
            ? `, ${unitOf(choice.measure.unit)}`
            : ''}"
          bind:value={look.measured}
        />
        {unitOf(choice.measure.unit)}
      </label>
    {/if}
  </div>
  {#if fault}<p class="fault" id="{id}-fault">{fault}</p>{/if}
</fieldset>

<style>
  fieldset {
    display: grid;
    grid-template-columns: 210px minmax(0, 1fr);
    grid-template-rows: auto 1fr;
    gap: 0 18px;
    padding: 12px 0;
    border-bottom: 1px solid var(--color-rule);
  }
  legend {
    font: 520 18px var(--font-serif);
    float: left;
    grid-column: 1;
  }
  .how {
    display: flex;
    align-items: start;
    gap: 2px;
    grid-column: 1;
    grid-row: 2;
    margin-left: -10px;
  }
  .picks {
    grid-column: 2;
    grid-row: 1 / 3;
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    align-items: center;
  }
  .pick {
    position: relative;
    display: inline-flex;
  }
  .pick input {
    position: absolute;
    inset: 0;
    opacity: 0;
    cursor: pointer;
  }
  .pick span {
    display: inline-flex;
    align-items: center;
    min-height: 46px;
    padding: 0 16px;
    border: 1px solid var(--color-rule);
    border-radius: 12px;
    background: var(--color-slip);
    font-weight: 550;
  }
  .pick.none span {
    border-style: dashed;
    background: transparent;
    color: var(--color-ink-2);
  }
  .pick input:checked + span {
    background: var(--color-ink);
    border-color: var(--color-ink);
    color: var(--color-leaf);
  }
  .pick.none input:checked + span {
    background: transparent;
    border: 2px dashed var(--color-ink-2);
    color: var(--color-ink);
  }
  .pick input:focus-visible + span {
    outline: 2px solid var(--color-plum);
    outline-offset: 2px;
  }
  .length {
    display: inline-flex;
    align-items: center;
    gap: 6px;
    min-height: 46px;
    padding: 0 12px;
    border: 1px solid var(--color-rule);
    border-radius: 12px;
    font-size: 14.5px;
    color: var(--color-ink-2);
  }
  .length.given {
    border-color: var(--color-ink);
    color: var(--color-ink);
  }
  .length .input {
    width: 72px;
    min-height: 44px;
  }
  .fault {
    grid-column: 1 / -1;
    padding-top: 6px;
  }
  @media (max-width: 700px) {
    fieldset {
      display: block;
    }
    legend {
      width: 100%;
    }
    .how {
      clear: both;
      margin-bottom: 8px;
    }
  }
</style>
