<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import HowToLook from '$lib/guide/HowToLook.svelte';
  import Measured from './Measured.svelte';
  import Pick from './Pick.svelte';
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
  const group = $derived({ several: choice.several, name: `${id}-answer` });

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
    <Pick {...group} none words={leave} checked={!looked(look)} onchange={untap} />
    {#if forgettable}
      <Pick
        {...group}
        none
        words="not looked at"
        checked={Boolean(look.forgotten)}
        onchange={forget}
      />
    {/if}
    {#each choice.answers as each (each.answer)}
      <Pick
        {...group}
        words={each.words}
        checked={look.answers.includes(each.answer)}
        onchange={() => tap(each.answer)}
      />
    {/each}
    {#if choice.measure}
      <Measured title={choice.title} measure={choice.measure} bind:typed={look.measured} />
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
