<script lang="ts">
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api, Problem, type Schemas } from '$lib/api/client';
  import { choices, plantPage } from '$lib/api/queries';
  import { faultOf, otherFaults } from '$lib/forms/faults';
  import DayField from '$lib/forms/DayField.svelte';
  import FormFault from '$lib/forms/FormFault.svelte';
  import MixEditor, { sent, typed, type TypedPart } from '$lib/forms/MixEditor.svelte';
  import MoistureField from '$lib/forms/MoistureField.svelte';
  import { NO_POT, sentPot, typedPot } from '$lib/forms/pot';
  import PotFields from '$lib/forms/PotFields.svelte';
  import TextField from '$lib/forms/TextField.svelte';
  import Waiting from '$lib/shell/Waiting.svelte';
  import { saved } from '$lib/shell/toaster';
  import { short } from '$lib/words/dates';

  const client = useQueryClient();
  const id = $derived(Number(page.params.id));
  const query = plantPage(() => id);
  const options = choices();
  const plant = $derived(query.data);

  let on = $state('');
  let note = $state('');
  let mix = $state<TypedPart[]>([]);
  let moisture = $state<Schemas['MoistureChoice']['moisture']>('DRIES_BETWEEN');
  let pot = $state({ ...NO_POT });
  let ready = $state(false);
  let problem = $state<Problem>();
  let busy = $state(false);

  $effect(() => {
    if (ready || !plant) return;
    on = plant.slip.judgedOn;
    mix = typed(plant.potting.mix);
    moisture = plant.potting.moisture;
    pot = typedPot(plant.potting);
    ready = true;
  });

  const fields = ['on', 'mix', 'note', 'pot'];

  async function save(event: SubmitEvent) {
    event.preventDefault();
    busy = true;
    problem = undefined;
    try {
      const result = await answered(
        api.POST('/api/plants/{id}/repots', {
          params: { path: { id } },
          body: { on, mix: sent(mix), moisture, pot: sentPot(pot), note },
        }),
      );
      const next = result.plant.checks[0];
      saved(
        client,
        next
          ? `Repotted. ${next.title} ${short(next.best, result.plant.slip.judgedOn)}`
          : 'Repotted',
        result,
      );
      await goto(`/plants/${id}`);
    } catch (failure) {
      problem = failure instanceof Problem ? failure : new Problem(String(failure));
    } finally {
      busy = false;
    }
  }
</script>

<svelte:head><title>Repot {plant?.name ?? ''} · Mellow Almanac</title></svelte:head>

<Waiting {query}>
  {#if plant && ready}
    <div class="top">
      <h1>{plant.name}</h1>
      <span class="quiet">the medium's clock starts anew, and a follow-up is booked</span>
    </div>
    <div class="columns">
      <form class="sheet" onsubmit={save} novalidate>
        <FormFault sentence={otherFaults(problem, fields)} />
        <DayField label="Repotted on" fault={faultOf(problem, 'on')} bind:value={on} />
        <PotFields bind:pot pots={options.data?.pots ?? []} {problem} />
        <MixEditor
          bind:mix
          components={options.data?.components ?? []}
          fault={faultOf(problem, 'mix')}
        />
        <MoistureField bind:moisture moistures={options.data?.moistures ?? []} />
        <TextField label="Note" fault={faultOf(problem, 'note')} bind:value={note} />
        <div class="end">
          <button class="act go" disabled={busy}>{busy ? 'Saving…' : 'Log the repot'}</button>
          <a class="link" href="/plants/{id}">Back without saving</a>
        </div>
      </form>
      <aside class="sheet" aria-labelledby="care">
        <h2 id="care">At the bench</h2>
        <ul>
          <li>Dry bark, perlite and pumice dust harm the lungs: wet them first and wear a mask.</li>
          <li>Sphagnum can carry a skin fungus: gloves, and cover cuts.</li>
          <li>One clean, sharp blade for each plant. Alcohol and flame never together.</li>
          <li>Breaking clay or cutting a hard pot: eye protection and gloves.</li>
          <li>Peroxide on roots at 3 % at the most; never with vinegar or bleach.</li>
        </ul>
        <p class="quiet">The label of a product and the rules where you live come first.</p>
      </aside>
    </div>
  {/if}
</Waiting>

<style>
  .top {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 6px 14px;
    margin-bottom: 14px;
  }
  h1 {
    overflow-wrap: anywhere;
  }
  .columns {
    display: grid;
    grid-template-columns: minmax(0, 640px) minmax(0, 360px);
    gap: 16px;
    align-items: start;
  }
  form {
    display: grid;
    gap: 18px;
    padding: 20px 22px;
  }
  aside {
    background: var(--color-ochre-wash);
  }
  aside ul {
    list-style: disc;
    padding-left: 18px;
    margin: 8px 0;
    font-size: 14.5px;
  }
  aside li {
    padding: 3px 0;
  }
  .end {
    display: flex;
    gap: 20px;
    align-items: center;
  }
  @media (max-width: 900px) {
    .columns {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
