/** Where need and readiness turn into verdicts, by the rules in force. */
export interface Bounds {
  leaveBelow: number;
  mustFrom: number;
  goodMoment: number;
  readyEnough: number;
}

/** What the field says by readiness and need alone, each from a corner to another. */
export function zonesOf(bounds: Bounds) {
  return [
    { from: [0, bounds.mustFrom], to: [bounds.readyEnough, 100], fill: 'ochre' },
    { from: [bounds.readyEnough, bounds.mustFrom], to: [100, 100], fill: 'plum' },
    { from: [0, bounds.leaveBelow], to: [bounds.goodMoment, bounds.mustFrom], fill: 'ochre' },
    { from: [bounds.goodMoment, bounds.leaveBelow], to: [100, bounds.mustFrom], fill: 'plum' },
    { from: [0, 0], to: [100, bounds.leaveBelow], fill: 'moss' },
  ];
}
