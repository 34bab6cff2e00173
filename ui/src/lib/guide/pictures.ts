import type { Component } from 'svelte';
import type { Schemas } from '$lib/interface/schemas';
import Breakage from './pictures/Breakage.svelte';
import Bloom from './pictures/Bloom.svelte';
import Bulbs from './pictures/Bulbs.svelte';
import Compared from './pictures/Compared.svelte';
import Flooded from './pictures/Flooded.svelte';
import Growth from './pictures/Growth.svelte';
import InPot from './pictures/InPot.svelte';
import LeafMarks from './pictures/LeafMarks.svelte';
import Leaves from './pictures/Leaves.svelte';
import Level from './pictures/Level.svelte';
import NewRoots from './pictures/NewRoots.svelte';
import Parting from './pictures/Parting.svelte';
import PestPlace from './pictures/PestPlace.svelte';
import Pests from './pictures/Pests.svelte';
import Piece from './pictures/Piece.svelte';
import Pots from './pictures/Pots.svelte';
import Rim from './pictures/Rim.svelte';
import Rot from './pictures/Rot.svelte';
import Smell from './pictures/Smell.svelte';
import Soaking from './pictures/Soaking.svelte';
import Squeezed from './pictures/Squeezed.svelte';
import Stability from './pictures/Stability.svelte';
import Surface from './pictures/Surface.svelte';
import SurfaceRoots from './pictures/SurfaceRoots.svelte';
import Tag from './pictures/Tag.svelte';
import Tips from './pictures/Tips.svelte';
import Wetness from './pictures/Wetness.svelte';
import Wound from './pictures/Wound.svelte';

/** What a drawing needs to know. */
export interface Drawn {
  item: string;
  answer: string;
  roots: Schemas['RootLengths'];
}

/** Who draws the answers to each look. */
export const pictures: Record<string, Component<Drawn>> = {
  leaves: Leaves,
  bulbs: Bulbs,
  leafMarks: LeafMarks,
  growth: Growth,
  newGrowths: Growth,
  growthTrend: Compared,
  newestSize: Compared,
  formerSize: Compared,
  rim: Rim,
  bloom: Bloom,
  stability: Stability,
  level: Level,
  surface: Surface,
  surfaceRoots: SurfaceRoots,
  newRoots: NewRoots,
  rootTips: Tips,
  rootsInPot: Squeezed,
  throughWall: InPot,
  crowding: InPot,
  mediumPiece: Piece,
  smell: Smell,
  wetness: Wetness,
  daysToDry: Wetness,
  bubbles: Flooded,
  sinking: Flooded,
  soakIn: Soaking,
  soakPh: Soaking,
  salts: Soaking,
  pests: Pests,
  pestPlace: PestPlace,
  rot: Rot,
  plug: Pots,
  pot: Pots,
  tag: Tag,
  company: Parting,
  parts: Parting,
  breakage: Breakage,
  tipsBroken: Tips,
  tipsInAll: Tips,
  wound: Wound,
};
