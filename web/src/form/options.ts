import { keys } from '@/parts/labels'

/** What can be chosen, with its word; in lower case where it stands inside a sentence. */
export const optionsOf = <K extends string>(
  labels: Readonly<Record<K, string>>,
  letters: 'as they are' | 'lower' = 'as they are',
): { value: K; text: string }[] =>
  keys(labels).map((value) => ({
    value,
    text: letters === 'lower' ? labels[value].toLowerCase() : labels[value],
  }))
