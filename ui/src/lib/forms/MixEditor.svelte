<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import type { TypedPart } from './mix';

  interface Props {
    mix: TypedPart[];
    components: Schemas['ComponentChoice'][];
    fault?: string;
  }
  let { mix = $bindable(), components, fault }: Props = $props();
  const id = $props.id();

  const known = $derived(components.filter(({ component }) => component !== 'UNKNOWN'));
  /** Nobody knows what it is; then nothing else can be said of it either. */
  const unknown = $derived(mix.length === 1 && mix[0]!.component === 'UNKNOWN');

  function add() {
    const unused = known.find(({ component }) => !mix.some((part) => part.component === component));
    if (unused) mix.push({ component: unused.component, parts: '1' });
  }

  /** The first component, or that nobody knows. */
  function begin(component: string) {
    if (component) mix = [{ component: component as TypedPart['component'], parts: '1' }];
  }
</script>

{#snippet options(all: Schemas['ComponentChoice'][])}
  {#each all as each (each.component)}
    <option value={each.component}>{each.words}{each.detail ? ` (${each.detail})` : ''}</option>
  {/each}
{/snippet}
{#snippet groups()}
  <optgroup label="Organic: decays">
    {@render options(known.filter((each) => each.organic))}
  </optgroup>
  <optgroup label="Inert: does not">
    {@render options(known.filter((each) => !each.organic))}
  </optgroup>
{/snippet}

<fieldset aria-describedby={fault ? `${id}-fault` : undefined}>
  <legend>Medium, in parts by volume</legend>
  {#if mix.length === 0 || unknown}
    <select
      class="select"
      aria-label="What it stands in"
      aria-invalid={fault !== undefined}
      bind:value={() => (unknown ? 'UNKNOWN' : ''), begin}
    >
      {#if !unknown}<option value="" disabled>Choose…</option>{/if}
      <option value="UNKNOWN">I do not know</option>
      {@render groups()}
    </select>
    {#if unknown}
      <p class="quiet">
        It is taken for common bark until somebody has felt a piece, and never called fresh.
      </p>
    {/if}
  {/if}
  {#each unknown ? [] : mix as part, i (i)}
    <div class="part">
      <input
        class="input parts"
        inputmode="decimal"
        aria-label="Parts of component {i + 1}"
        bind:value={part.parts}
      />
      <select class="select" aria-label="Component {i + 1}" bind:value={part.component}>
        {@render groups()}
        {#if part.component === 'UNKNOWN'}<option value="UNKNOWN">something unknown</option>{/if}
      </select>
      {#if mix.length > 1}
        <button
          type="button"
          class="act small out"
          aria-label="Leave out component {i + 1}"
          onclick={() => mix.splice(i, 1)}>×</button
        >
      {/if}
    </div>
  {/each}
  {#if mix.length > 0 && !unknown}
    <p class="more">
      {#if mix.length < known.length}
        <button type="button" class="link" onclick={add}>Another component</button>
      {/if}
      <button type="button" class="link" onclick={() => begin('UNKNOWN')}>I do not know</button>
    </p>
  {/if}
  {#if fault}<p class="fault" id="{id}-fault">{fault}</p>{/if}
</fieldset>

<style>
  fieldset {
    display: grid;
    gap: 8px;
    justify-items: start;
  }
  legend {
    font: 520 17px var(--font-serif);
    margin-bottom: 4px;
  }
  .part {
    display: grid;
    grid-template-columns: 70px minmax(0, 1fr) auto;
    gap: 8px;
    width: 100%;
  }
  .more {
    display: flex;
    gap: 16px;
  }
  .out {
    width: 44px;
    min-height: 44px;
    padding: 0;
    font-size: 18px;
  }
</style>
