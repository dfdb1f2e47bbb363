/** Small pieces of drawing, one a frame, so that typing and scrolling come first. */
const waiting: (() => void)[] = []
let running = false

function next() {
  waiting.shift()?.()
  if (waiting.length) requestAnimationFrame(next)
  else running = false
}

/** Draws when its turn comes; gives back what takes it out of the queue. */
export function drawInTurn(draw: () => void): () => void {
  waiting.push(draw)
  if (!running) {
    running = true
    // After the frame in which it was asked for.
    requestAnimationFrame(() => requestAnimationFrame(next))
  }
  return () => {
    const at = waiting.indexOf(draw)
    if (at >= 0) waiting.splice(at, 1)
  }
}
