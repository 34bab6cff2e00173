import type { Schemas } from '$lib/interface/schemas';
import { short } from '$lib/words/dates';
import { measuredOut, unitOf } from '$lib/words/units.svelte';

/** What was seen last at a spot, in words with its day; a corrected line can be left out. */
export function lastSeen(
  plant: Schemas['PlantPage'],
  choice: Schemas['LookChoice'],
  spot: string,
  except?: string,
): string | undefined {
  const line = plant.journal.find(
    (each) => each.standing === 'HOLDS' && each.act !== except && each.looks[spot],
  );
  const look = line?.looks[spot];
  if (!line || !look) return undefined;
  const words = choice.answers
    .filter(({ answer }) => look.answers.includes(answer))
    .map((each) => each.words);
  const measured =
    look.measured == null
      ? []
      : [
          `${measuredOut(look.measured, choice.measure?.unit)} ${unitOf(choice.measure?.unit ?? '')}`,
        ];
  return `${[...words, ...measured].join(' ')}, ${short(line.on, plant.today)}`;
}
