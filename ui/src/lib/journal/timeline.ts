import type { Schemas } from '$lib/interface/schemas';

type Line = Schemas['Line'];
type Photo = Schemas['Photo'];

/** One moment of a plant's history: a line of its journal, or pictures that belong to none. */
export interface Moment {
  key: string;
  on: string;
  line?: Line;
  photos: Photo[];
}

/**
 * All that happened to a plant with its photographs, newest first. A photograph stands with its
 * look, else with the only look of its day, else by itself.
 */
export function timeline(lines: Line[], photos: Photo[]): Moment[] {
  const moments: Moment[] = lines.map((line) => ({
    key: String(line.id),
    on: line.on,
    line,
    photos: [],
  }));
  const alone: Moment[] = [];
  for (const photo of photos) {
    const found = momentOf(photo, moments) ?? alone.find((each) => each.on === photo.takenOn);
    if (found) found.photos.push(photo);
    else
      alone.push({
        key: `photo-${photo.id}`,
        on: photo.takenOn,
        photos: [photo],
      });
  }
  return [...moments, ...alone].sort((a, b) => b.on.localeCompare(a.on));
}

function momentOf(photo: Photo, moments: Moment[]): Moment | undefined {
  const at = moments.find((moment) => photo.look && moment.line!.act === photo.look);
  if (at) return at.line!.standing === 'CORRECTED' ? (corrected(at, moments) ?? at) : at;
  const looks = moments.filter(
    ({ line }) =>
      line!.kind === 'INSPECTION' && line!.standing === 'HOLDS' && line!.on === photo.takenOn,
  );
  return looks.length === 1 ? looks[0] : undefined;
}

/** What stands in the place of a corrected line, over as many corrections as there were. */
function corrected(moment: Moment, moments: Moment[]): Moment | undefined {
  const next = moments.find(
    ({ line }) => line!.corrects === moment.line!.act && line!.standing !== 'TAKEN_BACK',
  );
  return next && (corrected(next, moments) ?? next);
}
