import { expect, it } from 'vitest'
import { drawInTurn } from './drawInTurn'

const frame = () => new Promise((done) => requestAnimationFrame(done))

it('draws one piece a frame, in order, and leaves out what is no longer wanted', async () => {
  const drawn: string[] = []
  drawInTurn(() => drawn.push('a'))
  const forget = drawInTurn(() => drawn.push('b'))
  drawInTurn(() => drawn.push('c'))
  forget()
  expect(drawn).toEqual([])
  for (let i = 0; i < 6; i++) await frame()
  expect(drawn).toEqual(['a', 'c'])
  drawInTurn(() => drawn.push('d'))
  for (let i = 0; i < 4; i++) await frame()
  expect(drawn).toEqual(['a', 'c', 'd'])
})
