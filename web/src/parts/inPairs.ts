/** Does a piece of work for each thing, two at a time, until all are done or somebody stops it. */
export async function inPairs<T>(
  things: readonly T[],
  work: (thing: T) => Promise<void>,
  stopped: () => boolean,
): Promise<void> {
  const waiting = [...things]
  const hand = async () => {
    for (let next = waiting.shift(); next !== undefined && !stopped(); next = waiting.shift())
      await work(next)
  }
  await Promise.all([hand(), hand()])
}
