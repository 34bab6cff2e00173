<script lang="ts" module>
  import type { Schemas } from '$lib/api/client';

  /** A component while it is typed; parts are text until they are sent. */
  export interface TypedPart {
    component: Schemas['MixPart']['component'];
    parts: string;
  }

  export function typed(mix: Schemas['MixPart'][]): TypedPart[] {
    return mix.map(({ component, parts }) => ({ component, parts: String(parts) }));
  }

  /** The mix as it is sent; parts that are no number are sent as null and refused with a sentence. */
  export function sent(mix: TypedPart[]): Schemas['MixPart'][] {
    return mix.map(({ component, parts }) => ({
      component,
      parts: parts.trim() === '' ? (null as unknown as number) : Number(parts.replace(',', '.')),
    }));
  }
</script>

<script lang="ts">
  interface Props {
    mix: TypedPart[];
    components: Schemas['ComponentChoice'][];
    fault?: string;
  }
  let { mix = $bindable(), components, fault }: Props = $props();
  const id = $props.id();

  function add() {
    const unused = components.find(
      ({ component }) => !mix.some((part) => part.component === component),
    );
    if (unused) mix.push({ component: unused.component, parts: '1' });
  }
</script>

<fieldset aria-describedby={fault ? `${id}-fault` : undefined}>
  <legend>Medium, in parts by volume</legend>
  {#each mix as part, i (i)}
    <div class="part">
      <input
        class="input parts"
        inputmode="decimal"
        aria-label="Parts of component {i + 1}"
        bind:value={part.parts}
      />
      <select class="select" aria-label="Component {i + 1}" bind:value={part.component}>
        <optgroup label="Organic: decays">
          {#each components.filter((each) => each.organic) as each (each.component)}
            <option value={each.component}
              >{each.words}{each.detail ? ` (${each.detail})` : ''}</option
            >
          {/each}
        </optgroup>
        <optgroup label="Inert: does not">
          {#each components.filter((each) => !each.organic) as each (each.component)}
            <option value={each.component}
              >{each.words}{each.detail ? ` (${each.detail})` : ''}</option
            >
          {/each}
        </optgroup>
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
  {#if mix.length < components.length}
    <button type="button" class="link" onclick={add}>Another component</button>
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
  .out {
    width: 44px;
    min-height: 44px;
    padding: 0;
    font-size: 18px;
  }
  .fault {
    color: var(--color-clay);
    font-weight: 600;
    font-size: 14px;
  }
</style>
