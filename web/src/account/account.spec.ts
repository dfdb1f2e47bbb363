import { flushPromises, mount, type VueWrapper } from '@vue/test-utils'
import { describe, expect, it, vi } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import { api } from '@/api/calls'
import { ServerProblem } from '@/api/client'
import * as client from '@/api/client'
import type { Me, OwnAccount } from '@/api/types'
import { account } from '@/stores/account'
import ForgottenView from './ForgottenView.vue'
import InvitationView from './InvitationView.vue'
import LeavePart from './LeavePart.vue'
import PasswordPart from './PasswordPart.vue'
import SecondFactorPart from './SecondFactorPart.vue'
import SessionsPart from './SessionsPart.vue'
import SignInView from './SignInView.vue'

const input = (type: string) => ({
  props: ['modelValue'],
  emits: ['update:modelValue'],
  template: `<input type="${type}" :value="modelValue" @input="$emit('update:modelValue', $event.target.value)" />`,
})
const stubs = {
  ExerciseFigure: true,
  BButton: { template: '<button><slot /></button>' },
  BFormInput: input('text'),
  BFormCheckbox: {
    emits: ['update:modelValue'],
    template:
      '<label><input type="checkbox" @change="$emit(\'update:modelValue\', $event.target.checked)" /><slot /></label>',
  },
}
const router = () =>
  createRouter({
    history: createMemoryHistory(),
    routes: [{ path: '/:all(.*)*', component: { template: '<p />' } }],
  })
const open = async (view: object, props: object = {}): Promise<VueWrapper> => {
  const wrapper = mount(view, { props, global: { plugins: [router()], stubs } })
  await flushPromises()
  return wrapper as VueWrapper
}
const fill = async (wrapper: VueWrapper, ...texts: string[]) => {
  const fields = wrapper.findAll('input:not([type=checkbox])')
  for (const [i, text] of texts.entries()) await fields[i]?.setValue(text)
}
const submit = async (wrapper: VueWrapper) => {
  await wrapper.find('form').trigger('submit')
  await flushPromises()
}
const button = (wrapper: VueWrapper, word: string) =>
  wrapper.findAll('button').find((one) => one.text() === word)
const nobody = { signedIn: false, accountId: null } as Me
const own: OwnAccount = {
  name: 'Ines Valdemar',
  email: 'ines@harbourhands.example',
  role: 'COACH',
  passwordChangedAt: '2026-03-12T10:00:00Z',
  consentedAt: null,
  guardian: null,
  secondFactor: false,
  paperCodes: 0,
  leavesAt: null,
  sessions: [],
}

describe('the door', () => {
  it('asks for a code where the account has a second factor, and only then', async () => {
    vi.spyOn(api, 'me').mockResolvedValue(nobody)
    const signIn = vi
      .spyOn(client, 'signIn')
      .mockRejectedValueOnce(
        new ServerProblem(401, '', 'Type the six digits.', [], undefined, [], 'code'),
      )
      .mockResolvedValueOnce(undefined)
    const wrapper = await open(SignInView)
    expect(wrapper.findAll('input')).toHaveLength(2)
    await fill(wrapper, 'ines@harbourhands.example', 'kelp lantern nine ferry')
    await submit(wrapper)
    expect(wrapper.find('[role=alert]').text()).toBe('Type the six digits.')
    await fill(wrapper, 'ines@harbourhands.example', 'kelp lantern nine ferry', '287082')
    await submit(wrapper)
    expect(signIn).toHaveBeenLastCalledWith(
      'ines@harbourhands.example',
      'kelp lantern nine ferry',
      '287082',
    )
  })

  it('names who invites, and asks a client under 16 for consent and a guardian', async () => {
    vi.spyOn(api, 'me').mockResolvedValue(nobody)
    vi.spyOn(api, 'lookAtInvitation').mockResolvedValue([
      { kind: 'CLIENT', from: 'Ines Valdemar', name: 'Tove Aas', guardian: true },
    ])
    const accept = vi.spyOn(api, 'acceptInvitation').mockResolvedValue(undefined)
    const wrapper = await open(InvitationView, { token: 'secret' })
    expect(wrapper.text()).toContain('Ines Valdemar invites you')
    await fill(wrapper, 'Tove Aas', 'tove@aas.example', 'kelp lantern nine ferry', 'Ragnhild Aas')
    await wrapper.find('input[type=checkbox]').setValue(true)
    await submit(wrapper)
    expect(accept).toHaveBeenCalledWith({
      name: 'Tove Aas',
      email: 'tove@aas.example',
      password: 'kelp lantern nine ferry',
      token: 'secret',
      consent: true,
      guardian: 'Ragnhild Aas',
    })
  })

  it('says so where an invitation opens nothing any more', async () => {
    vi.spyOn(api, 'lookAtInvitation').mockResolvedValue([])
    const wrapper = await open(InvitationView, { token: 'old' })
    expect(wrapper.find('[role=alert]').text()).toContain('used up or too old')
    expect(wrapper.find('form').exists()).toBe(false)
  })

  it('says the same after a forgotten password whether there is an account or not', async () => {
    vi.spyOn(api, 'me').mockResolvedValue(nobody)
    vi.spyOn(api, 'forgotPassword').mockResolvedValue(undefined)
    const wrapper = await open(ForgottenView)
    await fill(wrapper, 'who@ever.example')
    await submit(wrapper)
    expect(wrapper.find('[role=status]').text()).toContain('If who@ever.example has an account')
  })
})

describe('one’s own account', () => {
  it('shows what is wrong with a new password beside it, and keeps what was typed', async () => {
    vi.spyOn(api, 'changePassword').mockRejectedValue(
      new ServerProblem(400, '', 'Look again.', [
        { field: 'wanted', message: 'This is among the passwords that are tried first.' },
      ]),
    )
    const wrapper = await open(PasswordPart, { own })
    expect(wrapper.text()).toContain('of Thursday 12 March')
    await button(wrapper, 'Change it')?.trigger('click')
    await fill(wrapper, 'old one', 'password1234')
    await submit(wrapper)
    expect(wrapper.findAll('[role=alert]').map((one) => one.text())).toEqual([
      'This is among the passwords that are tried first.',
    ])
    expect(wrapper.findAll('input').map((one) => one.element.value)).toEqual([
      'old one',
      'password1234',
    ])
  })

  it('ends a session elsewhere, and not the one that asks', async () => {
    const end = vi.spyOn(api, 'endSession').mockResolvedValue(undefined)
    const session = { since: '2026-11-20T10:00:00Z', lastSeen: '2026-11-21T10:00:00Z' }
    const wrapper = await open(SessionsPart, {
      sessions: [
        { ...session, id: 'a', device: 'Firefox on a computer', current: true },
        { ...session, id: 'b', device: 'Safari on a phone', current: false },
      ],
    })
    const ways = wrapper.findAll('li button')
    expect(ways).toHaveLength(1)
    await ways[0]?.trigger('click')
    await flushPromises()
    expect(end).toHaveBeenCalledWith('b')
    expect(wrapper.emitted('changed')).toHaveLength(1)
  })

  it('shows the codes on paper once a code of the authenticator held', async () => {
    vi.spyOn(api, 'proposeSecondFactor').mockResolvedValue({
      secret: 'GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ',
      address: 'otpauth://totp/Nimblet:ines',
      modules: 3,
      path: 'M0 0h1v1h-1z',
    })
    const protect = vi.spyOn(api, 'protect').mockResolvedValue(['aaaa2222', 'bbbb3333'])
    const wrapper = await open(SecondFactorPart, { own })
    await button(wrapper, 'Turn it on')?.trigger('click')
    await flushPromises()
    expect(wrapper.find('code').text()).toBe('GEZD GNBV GY3T QOJQ GEZD GNBV GY3T QOJQ')
    await fill(wrapper, '287 082', 'kelp lantern nine ferry')
    await submit(wrapper)
    expect(protect).toHaveBeenCalledWith({
      code: '287 082',
      password: 'kelp lantern nine ferry',
      secret: 'GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ',
    })
    expect(wrapper.findAll('.paper li').map((one) => one.text())).toEqual(['aaaa2222', 'bbbb3333'])
  })

  it('lets a practice stay that was to go, and signs a client out who leaves', async () => {
    const stay = vi.spyOn(api, 'stay').mockResolvedValue(undefined)
    const going = await open(LeavePart, {
      own: { ...own, leavesAt: '2026-12-11T10:00:00Z' },
      coach: true,
    })
    expect(going.text()).toContain('goes on 11 December')
    await button(going, 'Keep the practice')?.trigger('click')
    expect(stay).toHaveBeenCalled()

    const refresh = vi.spyOn(account, 'refresh').mockResolvedValue(undefined)
    vi.spyOn(api, 'leave').mockResolvedValue(undefined)
    const leaving = await open(LeavePart, { own, coach: false })
    await button(leaving, 'Delete my account')?.trigger('click')
    await fill(leaving, 'kelp lantern nine ferry')
    await submit(leaving)
    expect(refresh).toHaveBeenCalled()
  })
})
