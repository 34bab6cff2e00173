<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import ChoiceField from '$lib/forms/ChoiceField.svelte';
  import { units } from '$lib/words/units.svelte';
  import { chooseUnits } from './units';

  const client = useQueryClient();
</script>

<section class="sheet fields" aria-labelledby="units">
  <h2 id="units">How it is written</h2>
  <ChoiceField
    label="Lengths"
    choices={[
      { value: 'MM', words: 'millimetres' },
      { value: 'CM', words: 'centimetres' },
      { value: 'INCH', words: 'inches' },
    ]}
    bind:value={() => units.length, (value) => chooseUnits(client, { length: value })}
  />
  <ChoiceField
    label="Temperatures"
    choices={[
      { value: 'C', words: '°C' },
      { value: 'F', words: '°F' },
    ]}
    bind:value={() => units.warmth, (value) => chooseUnits(client, { warmth: value })}
  />
  <ChoiceField
    label="Volumes"
    choices={[
      { value: 'LITRE', words: 'litres and millilitres' },
      { value: 'US', words: 'US quarts and fluid ounces' },
    ]}
    bind:value={() => units.volume, (value) => chooseUnits(client, { volume: value })}
  />
  <ChoiceField
    label="Days"
    choices={[
      { value: 'WORDS', words: '16 May' },
      { value: 'ISO', words: '2027-05-16, the same in every language' },
    ]}
    bind:value={() => units.days, (value) => chooseUnits(client, { days: value })}
  />
</section>

<style>
  .fields {
    display: grid;
    gap: 12px;
  }
</style>
