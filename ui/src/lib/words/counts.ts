/** "1 plant", "64 plants". */
export function count(number: number, one: string, many = `${one}s`): string {
  return `${number} ${number === 1 ? one : many}`;
}

/** With a capital letter, as a sentence begins. */
export function capital(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}
