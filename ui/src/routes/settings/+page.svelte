<script lang="ts">
  import { Switch } from '@skeletonlabs/skeleton-svelte';
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { answered, api, Problem, type Schemas } from '$lib/api/client';
  import { choices, collectionApproach, sitePage } from '$lib/api/queries';
  import { faultOf, otherFaults } from '$lib/forms/faults';
  import TextField from '$lib/forms/TextField.svelte';
  import { number } from '$lib/forms/numbers';
  import ChoiceField from '$lib/forms/ChoiceField.svelte';
  import { CITIES } from '$lib/site/cities';
  import { units } from '$lib/words/units.svelte';
  import FormFault from '$lib/forms/FormFault.svelte';
  import Waiting from '$lib/shell/Waiting.svelte';
  import { lamp } from '$lib/shell/mode.svelte';
  import { failed, toaster } from '$lib/shell/toaster';

  const client = useQueryClient();
  const site = sitePage();
  const options = choices();
  const approach = collectionApproach();
  const instruments = createQuery(() => ({
    queryKey: ['instruments'],
    queryFn: () => answered(api.GET('/api/instruments')),
  }));
  let typed = $state<string>();
  let problem = $state<Problem>();
  const latitude = $derived(typed ?? (site.data ? String(site.data.latitude) : ''));

  async function choose(chosen: Schemas['Chosen']['approach']) {
    try {
      const now = await answered(api.PUT('/api/approach', { body: { approach: chosen } }));
      client.setQueryData(['approach'], now);
      for (const key of ['plants', 'plant', 'checks'])
        void client.invalidateQueries({ queryKey: [key] });
      toaster.success({ title: 'Every plant is judged by it now', duration: 4000 });
    } catch (failure) {
      failed(failure);
    }
  }

  let writing = Promise.resolve();

  function write(change: Partial<Schemas['UnitsChosen']>) {
    const before = units.chosen;
    const wanted: Schemas['UnitsChosen'] = { ...before, ...change };
    // At once, so that a second choice made meanwhile does not undo the first.
    units.take(wanted);
    // One after the other, so that the last that is sent is the last that is kept.
    writing = writing.then(() => send(wanted, before));
  }

  async function send(wanted: Schemas['UnitsChosen'], before: Schemas['UnitsChosen']) {
    try {
      const now = await answered(api.PUT('/api/site/units', { body: wanted, keepalive: true }));
      if (JSON.stringify(now.units) === JSON.stringify(units.chosen)) {
        client.setQueryData(['site'], now);
      }
    } catch (failure) {
      units.take(before);
      failed(failure);
    }
  }

  const INSTRUMENTS = [
    { key: 'pen', label: 'pH pen' },
    { key: 'sensor', label: 'Grow-space sensor' },
    { key: 'scale', label: 'Kitchen scale' },
  ] as const;
  const CONDITIONS = [
    { value: 'WORKS', words: 'works' },
    { value: 'NOT_ANSWERING', words: 'does not answer' },
    { value: 'OUT_OF_RANGE', words: 'reads out of range' },
    { value: 'FLAT_BATTERY', words: 'has a flat battery' },
  ];

  async function behave(which: string, condition: string) {
    const before = instruments.data;
    if (!before) return;
    const wanted = { ...before, [which]: condition } as Schemas['Instruments'];
    try {
      const now = await answered(api.PUT('/api/instruments', { body: wanted, keepalive: true }));
      client.setQueryData(['instruments'], now);
    } catch (failure) {
      // The choice goes back to what holds.
      client.setQueryData(['instruments'], { ...before });
      failed(failure);
    }
  }

  async function save(event: SubmitEvent) {
    event.preventDefault();
    problem = undefined;
    try {
      const moved = await answered(
        api.PUT('/api/site', {
          body: { latitude: number(latitude) },
        }),
      );
      client.setQueryData(['site'], moved);
      typed = undefined;
      void client.invalidateQueries();
      toaster.success({ title: 'The light of your year is drawn anew', duration: 5000 });
    } catch (failure) {
      problem = failure instanceof Problem ? failure : new Problem(String(failure));
    }
  }
</script>

<svelte:head><title>Settings · Mellow Almanac</title></svelte:head>

<h1>Settings</h1>
<Waiting query={site}>
  <div class="sheets">
    <form class="sheet" onsubmit={save} novalidate>
      <FormFault sentence={otherFaults(problem, ['latitude'])} />
      <TextField
        label="Latitude"
        hint={site.data?.placed
          ? 'Degrees, north positive; it gives the length of the days'
          : 'Not set yet: 50° is assumed. Degrees, north positive'}
        inputmode="decimal"
        fault={faultOf(problem, 'latitude')}
        bind:value={() => latitude, (text) => (typed = text)}
      />
      <ChoiceField
        label="Or the nearest city"
        unchosen="…"
        choices={CITIES.map(([name, degrees]) => ({ value: `${degrees}|${name}`, words: name }))}
        bind:value={
          () => '',
          (value) => {
            if (value) typed = value.split('|')[0];
          }
        }
      />
      <button class="act go">Save</button>
    </form>
    <section class="sheet fields" aria-labelledby="units">
      <h2 id="units">How it is written</h2>
      <ChoiceField
        label="Lengths"
        choices={[
          { value: 'MM', words: 'millimetres' },
          { value: 'CM', words: 'centimetres' },
          { value: 'INCH', words: 'inches' },
        ]}
        bind:value={() => units.length, (value) => write({ length: value })}
      />
      <ChoiceField
        label="Temperatures"
        choices={[
          { value: 'C', words: '°C' },
          { value: 'F', words: '°F' },
        ]}
        bind:value={() => units.warmth, (value) => write({ warmth: value })}
      />
      <ChoiceField
        label="Volumes"
        choices={[
          { value: 'LITRE', words: 'litres and millilitres' },
          { value: 'US', words: 'US quarts and fluid ounces' },
        ]}
        bind:value={() => units.volume, (value) => write({ volume: value })}
      />
      <ChoiceField
        label="Days"
        choices={[
          { value: 'WORDS', words: '16 May' },
          { value: 'ISO', words: '2027-05-16, the same in every language' },
        ]}
        bind:value={() => units.days, (value) => write({ days: value })}
      />
    </section>
    <section class="sheet fields" aria-labelledby="instruments">
      <h2 id="instruments">Instruments</h2>
      <p class="quiet">
        Stand-ins that come with the program; choose how they behave. Typing a reading in is always
        possible.
      </p>
      <Waiting query={instruments}>
        {#each INSTRUMENTS as each (each.key)}
          <ChoiceField
            label={each.label}
            choices={CONDITIONS}
            bind:value={
              () => instruments.data?.[each.key] ?? 'WORKS', (value) => void behave(each.key, value)
            }
          />
        {/each}
      </Waiting>
    </section>
    <section class="sheet" aria-labelledby="approach">
      <h2 id="approach">Approach</h2>
      <p class="quiet">
        Good growers differ. What you choose here holds wherever a place or a plant has no approach
        of its own.
      </p>
      {#each options.data?.approaches ?? [] as each (each.approach)}
        <label class="approach">
          <input
            class="radio"
            type="radio"
            name="approach"
            value={each.approach}
            checked={approach.data?.approach === each.approach}
            onchange={() => choose(each.approach)}
          />
          <span><b>{each.name}</b><br /><span class="quiet">{each.principle}</span></span>
        </label>
      {/each}
    </section>
    <section class="sheet">
      <Switch class="lamp" checked={lamp.on} onCheckedChange={(change) => lamp.set(change.checked)}>
        <Switch.Control class="track"><Switch.Thumb class="thumb" /></Switch.Control>
        <Switch.Label>Lamp light, for evenings</Switch.Label>
        <Switch.HiddenInput />
      </Switch>
    </section>
  </div>
</Waiting>

<style>
  h1 {
    margin: 0 0 14px;
  }
  .sheets {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(380px, 100%), 1fr));
    gap: 16px;
    align-items: start;
    max-width: 1000px;
  }
  .approach {
    display: flex;
    gap: 12px;
    align-items: center;
    min-height: 52px;
    cursor: pointer;
  }
  .fields {
    display: grid;
    gap: 12px;
  }
  form {
    display: grid;
    gap: 14px;
    justify-items: start;
  }
  form :global(.field) {
    width: 100%;
  }
  .sheet :global(.lamp) {
    display: flex;
    align-items: center;
    gap: 12px;
    min-height: 44px;
    cursor: pointer;
  }
  .sheet :global(.track) {
    width: 52px;
    height: 30px;
    padding: 3px;
    border-radius: 999px;
    background: var(--color-ink-2);
  }
  .sheet :global(.track[data-state='checked']) {
    background: var(--color-go);
  }
  .sheet :global(.thumb) {
    display: block;
    width: 24px;
    height: 24px;
    border-radius: 50%;
    background: #fff;
    transition: transform 0.15s;
  }
  .sheet :global(.thumb[data-state='checked']) {
    transform: translateX(22px);
  }
</style>
