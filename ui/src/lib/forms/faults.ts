import type { Fault, Problem } from '$lib/api/client';

/** What is wrong with one entry of a form, if anything. */
export function faultOf(problem: Problem | undefined, field: string): string | undefined {
  return problem?.faults.find((fault) => belongs(fault, field))?.sentence;
}

/** The faults that none of these fields will show. */
export function otherFaults(problem: Problem | undefined, fields: string[]): string | undefined {
  if (!problem) return undefined;
  if (!problem.faults.length) return problem.message;
  const rest = problem.faults.filter((fault) => !fields.some((field) => belongs(fault, field)));
  return rest.length ? rest.map((fault) => fault.sentence).join(' ') : undefined;
}

function belongs(fault: Fault, field: string): boolean {
  return (
    fault.field === field ||
    fault.field.startsWith(`${field}.`) ||
    fault.field.startsWith(`${field}[`)
  );
}
