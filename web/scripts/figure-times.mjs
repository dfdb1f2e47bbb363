// How long the drawn body takes, in this Node's V8; run by ./nimblet bench figures.
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { createServer } from 'vite'

const web = join(dirname(fileURLToPath(import.meta.url)), '..')
const vite = await createServer({ root: web, server: { middlewareMode: true }, appType: 'custom' })
const { BODY_POSES } = await vite.ssrLoadModule('/src/hand/body/poses.ts')
const { bodyBetween, framesOf, solved } = await vite.ssrLoadModule('/src/hand/body/skeleton.ts')
const { drawBody, silhouette } = await vite.ssrLoadModule('/src/hand/body/drawBody.ts')
const { bodyFigure } = await vite.ssrLoadModule('/src/hand/body/figure.ts')

const poses = Object.values(BODY_POSES)
const states = poses.map(solved)
const common = { yaw: 38, places: ['SHOULDERS'], sides: ['R', 'L'], details: true, fingers: false }
const kinds = {
  'solving a pose': (i) => framesOf(solved(poses[i])),
  'still, 240 px': (i) => drawBody(states[i], { ...common, coarseness: 1, strokeWidth: 2.6 }),
  'still, 480 px, with fingers': (i) =>
    drawBody(states[i], { ...common, coarseness: 1, strokeWidth: 2.1, fingers: true }),
  'moving, drawn simply': (i) =>
    drawBody(bodyBetween(states[i], states[(i + 1) % states.length], 0.5), {
      ...common,
      coarseness: 1.6,
      strokeWidth: 2.1,
      details: false,
    }),
  'small, 96 px': (i) =>
    drawBody(states[i], { ...common, coarseness: 1.8, strokeWidth: 3.6, details: false }),
  'dotted outline': (i) => silhouette(states[i], 38),
  'from the cache': (i) =>
    bodyFigure({
      from: Object.keys(BODY_POSES)[i],
      to: Object.keys(BODY_POSES)[i],
      t: 0,
      view: 'BODY',
      left: false,
      places: [],
      height: 96,
      moving: false,
    }),
}
const WARM_UP = 3
const ROUNDS = 7
for (const [name, run] of Object.entries(kinds)) {
  for (let k = 0; k < WARM_UP; k++) poses.forEach((_, i) => run(i))
  const times = []
  for (let k = 0; k < ROUNDS; k++)
    poses.forEach((_, i) => {
      const begun = performance.now()
      run(i)
      times.push(performance.now() - begun)
    })
  times.sort((a, b) => a - b)
  const at = (share) => times[Math.floor(times.length * share)].toFixed(2)
  console.log(
    `${name.padEnd(30)} best ${times[0].toFixed(2)} ms  median ${at(0.5)}  95 % ${at(0.95)}`,
  )
}
await vite.close()
