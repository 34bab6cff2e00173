import type { Schemas } from '$lib/api/client';

/** What stands on a plant's card, as it is sent back unchanged. */
export function asEntry(plant: Schemas['PlantPage']): Schemas['PlantEntry'] {
  const { mother, daughters, asideOn, statusWords, ...card } = plant.card;
  void [daughters, asideOn, statusWords];
  return {
    version: plant.version,
    card: { ...card, motherId: mother?.id ?? null },
    profile: plant.profile,
    benchId: plant.bench.id,
    aim: plant.aim,
    approach: plant.approach,
    arrivedOn: plant.arrivedOn,
    cameRootless: plant.cameRootless,
    deviation: plant.deviation,
  };
}
