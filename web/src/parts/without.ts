/** The same record without one of its keys. */
export const without = <K extends string, V>(
  record: Partial<Record<K, V>> | null,
  key: K,
): Partial<Record<K, V>> =>
  Object.fromEntries(Object.entries(record ?? {}).filter(([own]) => own !== key)) as Partial<
    Record<K, V>
  >
