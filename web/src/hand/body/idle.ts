/** What is left of an idle moment before the next piece of work is begun, in milliseconds. */
const LEAST_LEFT = 10

/** Does pieces of work one after another while nothing else is to be done; the answer ends it. */
export function whileIdle(work: readonly (() => void)[]): () => void {
  let next = 0
  let handle = 0
  const idle = typeof requestIdleCallback === 'function'
  const schedule = () => {
    if (next >= work.length) return
    handle = idle ? requestIdleCallback(run) : window.setTimeout(() => run(null), 20)
  }
  const run = (deadline: IdleDeadline | null) => {
    do work[next++]?.()
    while (next < work.length && (deadline?.timeRemaining() ?? 0) > LEAST_LEFT)
    schedule()
  }
  schedule()
  return () => {
    next = work.length
    if (idle) cancelIdleCallback(handle)
    else clearTimeout(handle)
  }
}
