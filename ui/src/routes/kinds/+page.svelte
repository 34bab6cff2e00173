<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api, Problem, type Schemas } from '$lib/api/client';
  import { choices, kindList } from '$lib/api/queries';
  import ChoiceField from '$lib/forms/ChoiceField.svelte';
  import { faultOf, otherFaults } from '$lib/forms/faults';
  import FormFault from '$lib/forms/FormFault.svelte';
  import TextField from '$lib/forms/TextField.svelte';
  import TraitFields from '$lib/kinds/TraitFields.svelte';
  import { sentTraits, TRAITS, typedTraits } from '$lib/kinds/traits';
  import { lengthSaid } from '$lib/words/units.svelte';
  import Waiting from '$lib/shell/Waiting.svelte';
  import { failed, toaster } from '$lib/shell/toaster';

  type Kind = Schemas['KindLine'];
  const client = useQueryClient();
  const query = kindList();
  const options = choices();

  /** The key of the kind that is open; empty for a new one. */
  let open = $state<string>();
  let name = $state('');
  let care = $state('');
  let rootsAppear = $state('');
  let habit = $state<Schemas['KindEntry']['habit']>('SYMPODIAL');
  let ground = $state<Schemas['KindEntry']['ground']>('EPIPHYTE');
  let roots = $state<Schemas['KindEntry']['roots']>('MEDIUM');
  let light = $state('false');
  let traits = $state(typedTraits({}));
  /** What the entries began with; what nobody touches goes back as it was. */
  let known: Kind['traits'] | undefined;
  let problem = $state<Problem>();

  const WORDS = {
    STANDARD: '',
    CHANGED: 'changed by you',
    ADDED: 'added by you',
  };

  function edit(kind: Kind, copy: boolean) {
    open = copy ? '' : kind.key;
    name = copy ? `${kind.traits.name}, copy` : kind.traits.name;
    ({ care, rootsAppear, habit, ground, roots } = kind.traits);
    light = String(kind.traits.lightOnRoots);
    traits = typedTraits(kind.traits);
    known = kind.traits;
    problem = undefined;
  }

  function entry(): Schemas['KindEntry'] {
    return {
      ...sentTraits(traits, known),
      name,
      care,
      rootsAppear,
      habit,
      ground,
      roots,
      lightOnRoots: light === 'true',
    } as Schemas['KindEntry'];
  }

  async function refresh() {
    for (const key of ['kinds', 'choices', 'plants', 'plant'])
      await client.invalidateQueries({ queryKey: [key] });
  }

  async function save(event: SubmitEvent) {
    event.preventDefault();
    try {
      const saved = await answered(
        open
          ? api.PUT('/api/kinds/{key}', { params: { path: { key: open } }, body: entry() })
          : api.POST('/api/kinds', { body: entry() }),
      );
      open = undefined;
      await refresh();
      toaster.success({
        title: `${saved.traits.name} saved; its plants are judged by it`,
        duration: 5000,
      });
    } catch (failure) {
      problem = failure instanceof Problem ? failure : new Problem(String(failure));
    }
  }

  async function reset(kind: Kind) {
    const { error } = await api.DELETE('/api/kinds/{key}', {
      params: { path: { key: kind.key } },
    });
    if (error)
      failed(new Error((error as { detail?: string }).detail ?? 'It could not be put back.'));
    open = undefined;
    await refresh();
  }

  const fields = ['name', 'care', 'rootsAppear', ...TRAITS];
</script>

<svelte:head><title>Kinds of plants · Mellow Almanac</title></svelte:head>

<div class="top">
  <h1>Kinds of plants</h1>
  <span class="quiet">How each kind grows and when it takes a move. Change one, or copy one.</span>
  <a class="link" href="/rules">All figures</a>
</div>

<Waiting {query}>
  <ul class="sheet">
    {#each query.data ?? [] as kind (kind.key)}
      <li>
        <div class="row">
          <span class="who">
            <b>{kind.traits.name}</b>
            <span class="quiet">{kind.traits.care}</span>
          </span>
          <span class="when"
            >{kind.readyWhen}
            <span class="quiet">{lengthSaid(kind.traits.rootSpeed)} of root a week</span></span
          >
          <span class="quiet">{WORDS[kind.standing]}</span>
          <span class="acts">
            {#if kind.standing !== 'STANDARD'}
              <button class="link" onclick={() => reset(kind)}
                >{kind.standing === 'ADDED' ? 'Remove' : 'Put back'}</button
              >
            {/if}
            <button
              class="link"
              aria-label="Copy {kind.traits.name}"
              onclick={() => edit(kind, true)}>Copy</button
            >
            <button
              class="act small"
              aria-label="Change {kind.traits.name}"
              aria-expanded={open === kind.key}
              onclick={() => (open === kind.key ? (open = undefined) : edit(kind, false))}
              >Change</button
            >
          </span>
        </div>
        {#if open === kind.key}{@render form()}{/if}
      </li>
    {/each}
    {#if open === ''}<li>{@render form()}</li>{/if}
  </ul>
</Waiting>

{#snippet form()}
  <form onsubmit={save} novalidate>
    <FormFault sentence={otherFaults(problem, fields)} />
    <div class="two">
      <TextField label="Name" fault={faultOf(problem, 'name')} bind:value={name} />
      <TextField
        label="Its roots appear"
        fault={faultOf(problem, 'rootsAppear')}
        bind:value={rootsAppear}
      />
      <TextField label="What it asks for" fault={faultOf(problem, 'care')} bind:value={care} />
      <ChoiceField
        label="It grows"
        choices={[
          { value: 'SYMPODIAL', words: 'sideways, growth after growth' },
          { value: 'MONOPODIAL', words: 'upward from one stem' },
        ]}
        bind:value={habit}
      />
      <ChoiceField
        label="Its roots live"
        choices={[
          { value: 'EPIPHYTE', words: 'on trees' },
          { value: 'SLIPPER', words: 'as a slipper’s: few, thick, covered' },
          { value: 'TERRESTRIAL', words: 'on the ground' },
        ]}
        bind:value={ground}
      />
      <ChoiceField
        label="Its roots are"
        choices={[
          { value: 'FINE', words: 'fine, under 2 mm' },
          { value: 'MEDIUM', words: 'medium' },
          { value: 'THICK', words: 'thick, over 4 mm' },
        ]}
        bind:value={roots}
      />
      <ChoiceField
        label="Light on the roots"
        choices={[
          { value: 'true', words: 'welcome' },
          { value: 'false', words: 'not wanted' },
        ]}
        bind:value={light}
      />
    </div>
    {#if options.data}<TraitFields bind:traits choices={options.data} {problem} />{/if}
    <div class="end">
      <button class="act go">Save</button>
      <button type="button" class="link" onclick={() => (open = undefined)}
        >Back without saving</button
      >
    </div>
  </form>
{/snippet}

<style>
  .top {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 6px 14px;
    margin-bottom: 14px;
  }
  ul {
    list-style: none;
    margin: 0;
    padding: 4px 18px;
  }
  li:not(:last-child) {
    border-bottom: 1px solid var(--color-rule);
  }
  .row {
    display: grid;
    grid-template-columns: minmax(0, 4fr) minmax(0, 4fr) 110px auto;
    gap: 4px 16px;
    align-items: center;
    padding: 9px 0;
  }
  .who,
  .when {
    display: flex;
    flex-direction: column;
  }
  .acts {
    display: flex;
    gap: 12px;
    align-items: center;
    justify-content: flex-end;
  }
  form {
    display: grid;
    gap: 16px;
    padding: 6px 0 20px;
  }
  .two {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(240px, 1fr));
    gap: 14px;
  }
  .end {
    display: flex;
    gap: 20px;
    align-items: center;
  }
  @media (max-width: 800px) {
    .row {
      grid-template-columns: minmax(0, 1fr);
    }
    .acts {
      justify-content: flex-start;
    }
  }
</style>
