import { describe, expect, it } from 'vitest'
import { regionWords } from './regionWords'

describe('the words of regions', () => {
  it('says what belongs together with one word', () => {
    expect(
      regionWords(['INDEX_FINGER', 'MIDDLE_FINGER', 'RING_FINGER', 'LITTLE_FINGER', 'PALM']),
    ).toBe('fingers; palm')
    expect(regionWords(['WRIST_THUMB_SIDE', 'WRIST_LITTLE_FINGER_SIDE'])).toBe('wrist')
  })

  it('names each region where one of them is missing', () => {
    expect(regionWords(['WRIST_THUMB_SIDE', 'THUMB'])).toBe('wrist, thumb side; thumb')
    expect(regionWords([])).toBe('')
  })
})
