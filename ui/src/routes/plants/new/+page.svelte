<script lang="ts">
  import { goto } from '$app/navigation';
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api, Problem, type Schemas } from '$lib/api/client';
  import { benchList, choices, keep } from '$lib/api/queries';
  import { faultOf, otherFaults } from '$lib/forms/faults';
  import ChoiceField from '$lib/forms/ChoiceField.svelte';
  import DayField from '$lib/forms/DayField.svelte';
  import Field from '$lib/forms/Field.svelte';
  import FormFault from '$lib/forms/FormFault.svelte';
  import MixEditor, { sent, type TypedPart } from '$lib/forms/MixEditor.svelte';
  import MoistureField from '$lib/forms/MoistureField.svelte';
  import { NO_POT, sentPot } from '$lib/forms/pot';
  import PotFields from '$lib/forms/PotFields.svelte';
  import TextField from '$lib/forms/TextField.svelte';
  import Waiting from '$lib/shell/Waiting.svelte';
  import { toaster } from '$lib/shell/toaster';

  const NEW_BENCH = 'new';
  const client = useQueryClient();
  const options = choices();
  const benches = benchList();

  let label = $state('');
  let profile = $state('');
  let bench = $state('');
  let benchName = $state('');
  let benchLit = $state(false);
  let pottedOn = $state('');
  let unknown = $state(false);
  let mix = $state<TypedPart[]>([{ component: 'BARK_MEDIUM', parts: '1' }]);
  let moisture = $state<Schemas['MoistureChoice']['moisture']>('DRIES_BETWEEN');
  let pot = $state({ ...NO_POT });
  let arrivedOn = $state('');
  let cameRootless = $state(false);
  let cameFrom = $state('');
  let price = $state('');
  let apart = $state(false);
  let held = $state(false);
  let problem = $state<Problem>();
  let busy = $state(false);

  const kind = $derived(options.data?.profiles.find(({ key }) => key === profile));
  const chosenBench = $derived(bench || (benches.data?.length ? '' : NEW_BENCH));
  const fields = [
    'label',
    'profile',
    'benchId',
    'name',
    'pottedOn',
    'mix',
    'pot',
    'arrivedOn',
    'cameFrom',
    'price',
  ];

  function chooseKind() {
    if (kind) moisture = kind.moisture;
  }

  async function benchId(): Promise<number> {
    if (chosenBench !== NEW_BENCH) return chosenBench ? Number(chosenBench) : (null as never);
    const added = await answered(
      api.POST('/api/benches', { body: { name: benchName, lampHours: benchLit ? 14 : null } }),
    );
    await client.invalidateQueries({ queryKey: ['benches'] });
    bench = String(added.id);
    return added.id;
  }

  async function add(event: SubmitEvent) {
    event.preventDefault();
    busy = true;
    problem = undefined;
    try {
      const saved = await answered(
        api.POST('/api/plants', {
          body: {
            label,
            profile,
            benchId: await benchId(),
            pottedOn: unknown ? 'unknown' : pottedOn,
            mix: sent(mix),
            moisture,
            pot: sentPot(pot),
            arrivedOn: arrivedOn || null,
            cameRootless,
            cameFrom,
            price,
            apart,
            held,
          },
        }),
      );
      keep(client, saved);
      toaster.success({
        title: `${saved.plant.name} added as ${saved.plant.card.number}`,
        duration: 6000,
      });
      await goto(`/plants/${saved.plant.id}${apart ? '/inspect?first' : ''}`);
    } catch (failure) {
      problem = failure instanceof Problem ? failure : new Problem(String(failure));
    } finally {
      busy = false;
    }
  }
</script>

<svelte:head><title>Add a plant · Mellow Almanac</title></svelte:head>

<h1>Add a plant</h1>
<Waiting query={options}>
  <form class="sheet" onsubmit={add} novalidate>
    <FormFault sentence={otherFaults(problem, fields)} />
    <TextField
      label="Name on the label"
      hint="Letter by letter, mistakes and all"
      fault={faultOf(problem, 'label')}
      bind:value={label}
    />

    <div class="two">
      <ChoiceField
        label="Kind"
        hint={kind ? `Takes a move ${kind.readyWhen}` : 'Decides how it is judged'}
        fault={faultOf(problem, 'profile')}
        unchosen="Choose…"
        choices={(options.data?.profiles ?? []).map((each) => ({
          value: each.key,
          words: each.name,
        }))}
        bind:value={profile}
        onchange={chooseKind}
      />

      <Field label="Bench" fault={faultOf(problem, 'benchId')}>
        {#snippet children({ id, describedBy, invalid })}
          <select
            class="select"
            {id}
            aria-describedby={describedBy}
            aria-invalid={invalid}
            value={chosenBench}
            onchange={(event) => (bench = event.currentTarget.value)}
          >
            <option value="" disabled>Choose…</option>
            {#each benches.data ?? [] as each (each.id)}
              <option value={String(each.id)}>{each.name}</option>
            {/each}
            <option value={NEW_BENCH}>A new bench…</option>
          </select>
        {/snippet}
      </Field>
    </div>

    {#if chosenBench === NEW_BENCH}
      <div class="two new-bench">
        <TextField
          label="Name of the new bench"
          fault={faultOf(problem, 'name')}
          bind:value={benchName}
        />
        <label class="tick">
          <input class="checkbox" type="checkbox" bind:checked={benchLit} />
          Under lamps, 14 hours a day
        </label>
      </div>
    {/if}

    <div class="two">
      <TextField
        label="Potted on"
        hint="A day 2026-05-16, a month 2026-05, or a year 2026"
        placeholder="2026-05"
        disabled={unknown}
        fault={faultOf(problem, 'pottedOn')}
        bind:value={pottedOn}
      />
      <label class="tick">
        <input class="checkbox" type="checkbox" bind:checked={unknown} />
        Nobody knows
      </label>
    </div>

    <PotFields bind:pot pots={options.data?.pots ?? []} {problem} />
    <MixEditor
      bind:mix
      components={options.data?.components ?? []}
      fault={faultOf(problem, 'mix')}
    />
    <MoistureField bind:moisture moistures={options.data?.moistures ?? []} />

    <div class="two">
      <DayField
        label="Came on"
        hint="The day it came to you; empty if nobody knows"
        fault={faultOf(problem, 'arrivedOn')}
        bind:value={arrivedOn}
      />
      <label class="tick">
        <input class="checkbox" type="checkbox" bind:checked={cameRootless} />
        It came without live roots
      </label>
      <TextField label="Came from" fault={faultOf(problem, 'cameFrom')} bind:value={cameFrom} />
      <TextField
        label="Price"
        hint="If you want to keep it"
        fault={faultOf(problem, 'price')}
        bind:value={price}
      />
      <label class="tick">
        <input class="checkbox" type="checkbox" bind:checked={apart} />
        Keep it apart, and look it over now
      </label>
      <label class="tick">
        <input class="checkbox" type="checkbox" bind:checked={held} />
        Hold it in the pot it came in
      </label>
    </div>

    <div class="end">
      <button class="act go" disabled={busy}>{busy ? 'Adding…' : 'Add the plant'}</button>
      <a class="link" href="/plants">Back to the plants</a>
    </div>
  </form>
</Waiting>

<style>
  h1 {
    margin: 0 0 14px;
  }
  form {
    display: grid;
    gap: 18px;
    max-width: 760px;
    padding: 20px 22px;
  }
  .two {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 18px;
    align-items: start;
  }
  .tick {
    display: flex;
    gap: 10px;
    align-items: center;
    min-height: 44px;
    margin-top: 28px;
  }
  .end {
    display: flex;
    gap: 20px;
    align-items: center;
  }
  @media (max-width: 700px) {
    .two {
      grid-template-columns: 1fr;
    }
    .tick {
      margin-top: 0;
    }
  }
</style>
