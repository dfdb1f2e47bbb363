/** Something of its own that says the same. */
export const copy = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T

/** Whether two forms say the same; sets may come in any order. */
export function same(a: unknown, b: unknown): boolean {
  const sorted = (value: unknown): unknown =>
    Array.isArray(value)
      ? value.every((v) => typeof v === 'string')
        ? [...value].sort()
        : value.map(sorted)
      : value && typeof value === 'object'
        ? Object.fromEntries(
            Object.entries(value)
              .sort(([x], [y]) => x.localeCompare(y))
              .map(([k, v]) => [k, sorted(v)]),
          )
        : value
  return JSON.stringify(sorted(a)) === JSON.stringify(sorted(b))
}
