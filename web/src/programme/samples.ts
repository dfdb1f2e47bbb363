import type { ObligationForm, ProgrammeChoices, ProgrammeForm, ProgrammeView } from '@/api/types'

/** A programme of two obligations, for the tests of this folder. */
export const anObligation = (changes: Partial<ObligationForm> = {}): ObligationForm => ({
  purpose: 'COOL_DOWN',
  minutes: 6,
  frequency: 'AFTER_BLOCKS',
  anchor: 'EVENING',
  heavy: false,
  notOn: [],
  contents: null,
  ...changes,
})

export const form: ProgrammeForm = {
  version: 4,
  title: 'Conditioning',
  target: '',
  startsOn: '2026-11-25',
  reviewsOn: '2026-12-23',
  endsOn: '2027-01-20',
  sessionsADay: 4,
  minutesADay: 45,
  obligations: [
    anObligation(),
    anObligation({ purpose: 'STRENGTH', minutes: 15, frequency: 'BY_PAIN', heavy: true }),
  ],
}

export const programme: ProgrammeView = {
  id: 'p',
  programme: form,
  obligations: ['cool', 'strong'].map((id, i) => ({
    id,
    purpose: i ? 'STRENGTH' : 'COOL_DOWN',
    minutes: 6,
    frequency: 'AFTER_BLOCKS',
    byPain: false,
    contents: 'composed anew',
    heavy: false,
    words: '',
    limits: [],
  })),
  painWords: 'Left palm 3, steady: morning and night.',
}

export const choices: ProgrammeChoices = {
  frequencies: [
    {
      frequency: 'BEFORE_BLOCKS',
      words: 'before every block',
      place: 'with the block',
      attached: true,
      ofTheBlock: true,
    },
    {
      frequency: 'AFTER_BLOCKS',
      words: 'after every block',
      place: 'with the block',
      attached: true,
      ofTheBlock: false,
    },
    { frequency: 'DAILY', words: 'daily', place: null, attached: false, ofTheBlock: false },
    {
      frequency: 'BY_PAIN',
      words: 'as often as pain allows',
      place: null,
      attached: false,
      ofTheBlock: false,
    },
  ],
  anchors: [
    { anchor: 'EVENING', words: 'evening' },
    { anchor: 'after:a', words: 'the end of practice' },
  ],
  another: anObligation({ purpose: 'RECOVERY', frequency: 'DAILY' }),
  ready: [
    {
      id: 'reach',
      aim: 'Every day, then a look.',
      weeks: 2,
      programme: {
        ...form,
        title: 'Reach, two weeks',
        startsOn: '2026-11-30',
        reviewsOn: '2026-12-06',
        endsOn: '2026-12-13',
        obligations: [anObligation({ purpose: 'REACH', frequency: 'DAILY', minutes: 9 })],
      },
    },
  ],
}
