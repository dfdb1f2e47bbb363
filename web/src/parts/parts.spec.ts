import { mount } from '@vue/test-utils'
import { defineComponent, h, nextTick, ref } from 'vue'
import { describe, expect, it, vi } from 'vitest'
import { ServerAway, ServerProblem } from '@/api/client'
import { queries } from '@/api/queries'
import { useAsked } from '@/api/useAsked'
import FormField from '@/form/FormField.vue'
import { ACTIVITY_KINDS, REGIONS, keys } from './labels'
import PageState from './PageState.vue'
import StateMark from './StateMark.vue'
import { fitted, inLines, textWidth } from './textWidth'

const stubs = { BButton: { template: '<button><slot /></button>' } }

describe('a field', () => {
  const field = (problems: { field: string; message: string }[]) =>
    mount(FormField, {
      props: { label: 'Minutes', field: 'warmUpMinutes', problems, hint: '3 to 30' },
      slots: {
        default: ({ id, described }: { id: string; described: string | undefined }) =>
          h('input', { id, 'aria-describedby': described }),
      },
    })

  it('ties label, control and hint together', () => {
    const wrapper = field([])
    const input = wrapper.find('input')
    expect(wrapper.find('label').attributes('for')).toBe(input.attributes('id'))
    expect(wrapper.find(`[id="${input.attributes('aria-describedby')}"]`).text()).toBe('3 to 30')
  })

  it('shows the word of the server about itself and about no other field', () => {
    const wrapper = field([
      { field: 'warmUpMinutes', message: 'A warm-up takes 3 to 30 minutes.' },
      { field: 'name', message: 'A name has 1 to 80 characters.' },
    ])
    expect(wrapper.find('[role=alert]').text()).toBe('A warm-up takes 3 to 30 minutes.')
    expect(wrapper.text()).not.toContain('A name')
    expect(wrapper.text()).not.toContain('3 to 30 minutes.3 to 30')
  })
})

describe('the state of a page', () => {
  const page = (props: { loading: boolean; error?: Error; ready: boolean }) =>
    mount(PageState, { props, slots: { default: 'What is there' }, global: { stubs } })

  it('shows the shape of what comes while it loads', () => {
    const wrapper = page({ loading: true, ready: false })
    expect(wrapper.find('[role=status]').exists()).toBe(true)
    expect(wrapper.text()).not.toContain('What is there')
  })

  it('keeps what it has when a later load fails', () => {
    const wrapper = page({ loading: false, error: new ServerAway(), ready: true })
    expect(wrapper.text()).toContain('What is there')
    expect(wrapper.find('[role=alert]').text()).toContain('The server does not answer')
    expect(wrapper.text()).toContain('Try again')
  })

  it('asks for another try', async () => {
    const wrapper = page({
      loading: false,
      error: new ServerProblem(404, 'Not found', 'There is no such client.'),
      ready: false,
    })
    expect(wrapper.text()).toContain('There is no such client.')
    await wrapper.find('button').trigger('click')
    expect(wrapper.emitted('retry')).toHaveLength(1)
  })
})

describe('loading', () => {
  function loaded<T>(load: () => Promise<T>) {
    let result: ReturnType<typeof useAsked<T>> | undefined
    const wrapper = mount(
      defineComponent(() => {
        result = useAsked(() => queries.own(['test'], load))
        return () => h('div')
      }),
    )
    if (!result) throw new Error('mounted above')
    return { wrapper, ...result }
  }

  it('lets the newest answer win, whichever comes last', async () => {
    const answers: ((value: string) => void)[] = []
    const { data, reload } = loaded(() => new Promise<string>((resolve) => answers.push(resolve)))
    answers[0]?.('first')
    await vi.waitFor(() => expect(data.value).toBe('first'))
    void reload()
    const second = reload()
    answers[2]?.('new')
    await second
    answers[1]?.('old')
    await nextTick()
    expect(data.value).toBe('new')
  })

  it('keeps the old data when a new load fails and says so', async () => {
    const fail = ref(false)
    const { data, error, reload } = loaded(() =>
      fail.value ? Promise.reject(new ServerAway()) : Promise.resolve(1),
    )
    await vi.waitFor(() => expect(data.value).toBe(1))
    fail.value = true
    await reload()
    expect(data.value).toBe(1)
    expect(error.value).toBeInstanceOf(ServerAway)
    fail.value = false
    await reload()
    expect(error.value).toBeUndefined()
  })

  it('says nothing after its component is gone', async () => {
    let answer: ((value: number) => void) | undefined
    const { wrapper, data } = loaded(() => new Promise<number>((resolve) => (answer = resolve)))
    wrapper.unmount()
    answer?.(7)
    await nextTick()
    expect(data.value).toBeUndefined()
  })
})

describe('texts in pictures', () => {
  it('are measured', () => {
    expect(textWidth('ill', 14)).toBeLessThan(textWidth('mmm', 14))
    expect(textWidth('', 14)).toBe(0)
  })

  it('stay within their width, in at most two lines', () => {
    expect(inLines('Palm rub', 200, 14, 3)).toEqual(['Palm rub'])
    const lines = inLines('Palm up, fingers drawn back', 120, 14, 3)
    expect(lines).toHaveLength(2)
    lines.forEach((line) => expect(textWidth(line, 14)).toBeLessThanOrEqual(120))
  })

  it('take as few lines as they need, and no more than there may be', () => {
    const text = 'Palms together, one pushing the other'
    const counts = [60, 80, 110, 140, 300].map((width) => inLines(text, width, 13, 4).length)
    expect(counts).toEqual([3, 4, 3, 2, 1])
    for (let width = 20; width < 300; width += 7) {
      const lines = inLines(text, width, 13, 4)
      expect(lines.length).toBeLessThanOrEqual(4)
      const whole = lines.filter((line) => !line.endsWith('…'))
      expect(text.startsWith(whole.join(' ')), 'only the last line is cut').toBe(true)
      expect(lines.length - whole.length).toBeLessThanOrEqual(1)
      if (whole.length === lines.length) expect(lines.join(' ')).toBe(text)
    }
  })

  it('are cut with an ellipsis', () => {
    const cut = fitted('Straightening against the other hand', 80, 14)
    expect(cut.endsWith('…')).toBe(true)
    expect(textWidth(cut, 14)).toBeLessThanOrEqual(80)
  })
})

describe('signs and labels', () => {
  it('tell states by shape, not by colour alone', () => {
    const shape = (state: 'STOP' | 'WARN' | 'NOTE' | 'GOOD') =>
      mount(StateMark, { props: { state } })
        .html()
        .replace(/class="[^"]*"/, '')
    const shapes = (['STOP', 'WARN', 'NOTE', 'GOOD'] as const).map(shape)
    expect(new Set(shapes).size).toBe(4)
  })

  it('are different for different words', () => {
    const texts = keys(REGIONS).map((r) => REGIONS[r])
    expect(new Set(texts).size).toBe(texts.length)
    expect(keys(ACTIVITY_KINDS)).toContain('PRACTICE')
  })
})
