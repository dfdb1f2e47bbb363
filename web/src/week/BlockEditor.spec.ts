import { mount } from '@vue/test-utils'
import { describe, expect, it, vi } from 'vitest'
import { ref } from 'vue'
import { api } from '@/api/calls'
import type { BlockView, SeriesView } from '@/api/types'
import { CLIENT_PAGE, type ClientPage } from '@/parts/clientPage'
import BlockEditor from './BlockEditor.vue'
import { aBlock, aDay } from './samples'

const stubs = {
  BButton: {
    props: ['disabled', 'type'],
    template: '<button :type="type ?? \'button\'" :disabled="disabled"><slot /></button>',
  },
  BFormCheckbox: true,
  BFormInput: true,
  BFormSelect: true,
  BFormCheckboxGroup: {
    props: ['modelValue', 'options'],
    template: `<span><label v-for="o in options" :key="o.value"><input type="checkbox" :value="o.value"
      :checked="modelValue.includes(o.value)"
      @change="$emit('update:modelValue', modelValue.includes(o.value)
        ? modelValue.filter((one) => one !== o.value) : [...modelValue, o.value])" /></label></span>`,
  },
  PartsField: true,
  RouterLink: { template: '<a><slot /></a>' },
}
const page = () =>
  ({
    client: { data: ref({ facts: { activities: [] } }) },
    day: { data: ref(aDay({ blocks: [aBlock({ repeats: true })] })) },
    pains: { data: ref([]) },
    reloadAll: () => Promise.resolve(),
    chosenBlock: ref(null),
  }) as unknown as ClientPage
const open = () =>
  mount(BlockEditor, {
    props: { clientId: 'c', activities: [{ id: 'a', title: 'Practice' } as never] },
    global: { stubs, provide: { [CLIENT_PAGE as symbol]: page() } },
  })
const named = (editor: ReturnType<typeof open>, text: string) =>
  editor.findAll('button').find((b) => b.text().startsWith(text))
const before = [{ id: 'b', seriesId: 's', block: {} }] as unknown as BlockView[]

describe('a block of a series', () => {
  it('comes round on other days from itself on, and that is undone as a whole', async () => {
    vi.spyOn(api, 'repetition').mockResolvedValue({ days: ['MO', 'WE'], weeks: 1, until: null })
    const done: SeriesView = { made: 50, before, added: ['new'] }
    const change = vi.spyOn(api, 'changeDays').mockResolvedValue(done)
    const same = vi.spyOn(api, 'saveFollowing').mockResolvedValue(done)
    const restore = vi.spyOn(api, 'restoreBlocks').mockResolvedValue(done)
    const editor = open()
    await named(editor, 'Change')?.trigger('click')
    await vi.waitFor(() => expect(editor.findAll('.repeat input:checked')).toHaveLength(2))
    expect(named(editor, 'Save the block')).toBeDefined()
    await editor.find('.repeat input[value=FR]').trigger('change')
    expect(named(editor, 'Save the block'), 'one block has no days').toBeUndefined()
    await named(editor, 'Save this and following')?.trigger('click')
    await vi.waitFor(() => expect(editor.text()).toContain('stands on 50 days'))
    expect(change.mock.calls[0]?.[3]).toBe('FREQ=WEEKLY;BYDAY=MO,WE,FR')
    expect(same).not.toHaveBeenCalled()
    await named(editor, 'Undo')?.trigger('click')
    await vi.waitFor(() => expect(restore).toHaveBeenCalledWith('c', done))
  })

  it('keeps its days where only its times are changed', async () => {
    vi.spyOn(api, 'repetition').mockResolvedValue({ days: ['MO'], weeks: 2, until: '2027-01-31' })
    const change = vi.spyOn(api, 'changeDays')
    const same = vi.spyOn(api, 'saveFollowing').mockResolvedValue({ made: 3, before, added: [] })
    const editor = open()
    await named(editor, 'Change')?.trigger('click')
    await vi.waitFor(() => expect(editor.findAll('.repeat input:checked')).toHaveLength(1))
    await named(editor, 'Save this and following')?.trigger('click')
    await vi.waitFor(() => expect(same).toHaveBeenCalled())
    expect(change).not.toHaveBeenCalled()
  })
})
