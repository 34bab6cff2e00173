import type { Schemas } from '$lib/interface/schemas';

type Line = Pick<Schemas['ChanceLine'], 'slow' | 'badly' | 'waiting' | 'unseen'>;

/** What else there is to count of some moves. */
export function besides({ slow, badly, waiting, unseen }: Line): string {
  return [
    slow ? `${slow} slowly` : '',
    badly ? `${badly} set back or lost` : '',
    waiting ? `${waiting} more too early to say` : '',
    unseen ? `nobody looked at ${unseen}` : '',
  ]
    .filter(Boolean)
    .join(', ');
}
