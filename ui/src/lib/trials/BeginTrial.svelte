<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { goto } from '$app/navigation';
  import { answered, api } from '$lib/api/client';
  import { trialFrom } from '$lib/api/queries';
  import { Saving } from '$lib/api/saving.svelte';
  import ChoiceField from '$lib/forms/ChoiceField.svelte';
  import ChoosePlants from '$lib/forms/ChoosePlants.svelte';
  import DayField from '$lib/forms/DayField.svelte';
  import { faultOf } from '$lib/forms/faults';
  import FoldedForm from '$lib/forms/FoldedForm.svelte';
  import FormHead from '$lib/forms/FormHead.svelte';
  import TextField from '$lib/forms/TextField.svelte';
  import type { Schemas } from '$lib/interface/schemas';
  import { saved } from '$lib/shell/toaster';
  import { long } from '$lib/words/dates';
  import ChooseLooks from './ChooseLooks.svelte';
  import OtherHalves from './OtherHalves.svelte';

  interface Props {
    choices: Schemas['TrialsPage'];
    /** On which plants it begins, as far as that is known. */
    first: number[];
    /** In what those that were moved together differ. */
    halves?: Schemas['TrialHalves'];
    open: boolean;
    today: string;
  }
  const { choices, first, halves, open, today }: Props = $props();
  type Entry = Schemas['TrialEntry'];
  const client = useQueryClient();
  const saving = new Saving();
  let name = $derived(halves?.name ?? '');
  let tried = $derived<string>(halves?.tried ?? 'MEDIUM');
  let against = $derived<string>(halves?.against ?? 'OTHERS');
  let looks = $state(['leaves', 'newestSize', 'newRoots']);
  let plants = $derived(halves?.plants ?? first);
  let others = $derived(halves?.others ?? []);
  let since = $derived(halves?.since ?? today);
  const from = trialFrom(() => since);
  let judgeOn = $derived(from.data?.day ?? '');
  const heldAgainst = $derived(
    against === 'EARLIER'
      ? []
      : against === 'OTHERS'
        ? others
        : plants.map((_, i) => others[i] ?? 0).filter((id) => id),
  );
  const FIELDS = ['name', 'looks', 'plants', 'others', 'since', 'judgeOn'];

  async function begin(event: SubmitEvent) {
    event.preventDefault();
    const body = {
      name,
      tried: tried as Entry['tried'],
      against: against as Entry['against'],
      looks,
      plants,
      others: heldAgainst,
      since,
      judgeOn,
    };
    const result = await saving.save((headers) =>
      answered(api.POST('/api/trials', { headers, body })),
    );
    if (!result) return;
    saved(client, `“${name}” has begun`, result);
    await goto('/trials');
  }
</script>

<FoldedForm title="Begin a trial" {open} onsubmit={begin}>
  <FormHead problem={saving.problem} fields={FIELDS} />
  {#if halves && !halves.tried}
    <p class="quiet">
      They differ in neither medium nor pot, or in more than two: choose who is held against whom.
    </p>
  {/if}
  <div class="fields">
    <TextField
      label="What is tried"
      hint="Charcoal in the bark, a wider basket, …"
      fault={faultOf(saving.problem, 'name')}
      bind:value={name}
    />
    <ChoiceField
      label="It is"
      choices={choices.mayTry.map((each) => ({ value: each.tried, words: each.words }))}
      bind:value={tried}
    />
    <ChoiceField
      label="Held against"
      choices={choices.mayHoldAgainst.map((each) => ({ value: each.against, words: each.words }))}
      bind:value={against}
    />
    <DayField label="Its first day" fault={faultOf(saving.problem, 'since')} bind:value={since} />
    <DayField
      label="Judged on"
      hint={from.data
        ? `From ${long(from.data.day)} on: half a year, through one change of season`
        : undefined}
      fault={faultOf(saving.problem, 'judgeOn')}
      bind:value={judgeOn}
    />
  </div>
  <ChoosePlants label="Tried on" fault={faultOf(saving.problem, 'plants')} bind:chosen={plants} />
  {#if against === 'OTHER_HALF'}
    <OtherHalves {plants} fault={faultOf(saving.problem, 'others')} bind:others />
  {:else if against === 'OTHERS'}
    <ChoosePlants
      label="The others"
      fault={faultOf(saving.problem, 'others')}
      bind:chosen={others}
    />
  {/if}
  <ChooseLooks choices={choices.mayLook} fault={faultOf(saving.problem, 'looks')} bind:looks />
  <button class="act go" disabled={saving.busy}>Begin it</button>
</FoldedForm>

<style>
  .fields {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(220px, 1fr));
    gap: 12px;
    width: 100%;
    align-items: start;
  }
</style>
