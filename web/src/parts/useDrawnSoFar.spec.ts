import { effectScope, nextTick, ref } from 'vue'
import { expect, it } from 'vitest'
import { useDrawnSoFar } from './useDrawnSoFar'

const frame = () => new Promise((done) => requestAnimationFrame(done))

it('draws what is in sight at once and the others frame by frame, until all are there', async () => {
  const count = ref(0)
  const scope = effectScope()
  const drawn = scope.run(() => useDrawnSoFar(() => count.value, 10, 4))
  if (!drawn) throw new Error('a scope gives back what runs in it')
  for (let i = 0; i < 4; i++) await frame()
  expect(drawn.value, 'nothing to draw yet').toBe(10)
  count.value = 17
  await nextTick()
  expect(drawn.value).toBe(10)
  for (let i = 0; i < 8; i++) await frame()
  expect(drawn.value).toBe(18)
  scope.stop()
})
