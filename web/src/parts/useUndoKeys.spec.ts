import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { useUndoKeys } from './useUndoKeys'

describe('the keys that take back', () => {
  const press = (target: EventTarget, key: string, how: KeyboardEventInit = {}) => {
    const event = new KeyboardEvent('keydown', {
      key,
      ctrlKey: true,
      bubbles: true,
      cancelable: true,
      ...how,
    })
    target.dispatchEvent(event)
    return event.defaultPrevented
  }

  it('take back and bring back, but not while one writes', () => {
    const done: string[] = []
    const page = mount(
      {
        setup: () => {
          useUndoKeys(
            () => done.push('undo'),
            () => done.push('redo'),
          )
          return {}
        },
        template: '<main><p>text</p><input /></main>',
      },
      { attachTo: document.body },
    )
    const text = page.find('p').element
    expect(press(text, 'z')).toBe(true)
    press(text, 'Z', { shiftKey: true })
    press(text, 'y')
    press(text, 'z', { ctrlKey: false, metaKey: true })
    expect(press(text, 'z', { ctrlKey: false })).toBe(false)
    expect(press(text, 'a')).toBe(false)
    expect(press(page.find('input').element, 'z')).toBe(false)
    expect(done).toEqual(['undo', 'redo', 'redo', 'undo'])
    page.unmount()
    press(document.body, 'z')
    expect(done).toHaveLength(4)
  })
})
