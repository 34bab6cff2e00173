import type { Schemas } from '$lib/interface/schemas';
import { short } from './dates';
import { lengthSaid, volumeSaid } from './units.svelte';

/** A part of a sentence in the chosen units; below zero with a proper minus. */
export function said(part: Schemas['Part'], today: string): string {
  if (part.day) return short(part.day, today);
  if (part.value == null) return part.text;
  if (part.measure === 'MM') return lengthSaid(part.value).replace('-', '−');
  if (part.measure === 'ML') return volumeSaid(part.value);
  return part.measure === 'MM_A_WEEK' ? `${lengthSaid(part.value)} a week` : part.text;
}

/** The whole sentence as plain text, for names and titles. */
export function plain(parts: Schemas['Part'][], today: string): string {
  return parts.map((part) => said(part, today)).join('');
}
