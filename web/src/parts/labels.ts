import type {
  ActivityKind,
  AgeGroup,
  BodyPlace,
  BodySegment,
  Digit,
  Discipline,
  FigureArrow,
  FigureProp,
  FigureView,
  LadderKind,
  Method,
  Movement,
  Notation,
  Position,
  Purpose,
  Recovery,
  ReferralSign,
  Region,
  ResultForm,
  Sensation,
  Shortfall,
  Thing,
  TighterSide,
} from '@/api/types'

/** What people read for each word of the server; the compiler sees to it that none is missing. */
export const ACTIVITY_KINDS: Readonly<Record<ActivityKind, string>> = {
  PRACTICE: 'Practice',
  REHEARSAL: 'Rehearsal',
  PERFORMANCE: 'Performance',
  GAMING: 'Gaming',
  DESK_WORK: 'Desk work',
  HANDWRITING: 'Handwriting',
  PHONE: 'Phone',
  TRAINING: 'Training or sport',
}

export const AGE_GROUPS: Readonly<Record<AgeGroup, string>> = {
  UNDER_16: 'Under 16',
  ADULT: '16 to 60',
  OVER_60: 'Over 60',
}

export const DISCIPLINES: Readonly<Record<Discipline, string>> = {
  PLUCKED_STRINGS: 'Plucked strings',
  BOWED_STRINGS: 'Bowed strings',
  KEYBOARD_INSTRUMENT: 'Keys or buttons of an instrument',
  WINDS: 'Winds',
  PERCUSSION: 'Percussion',
  CONTROLLER: 'Controller or stick',
  MOUSE: 'Mouse',
  TYPING: 'Typing',
  PHONE: 'Phone',
  HANDWRITING: 'Handwriting',
  MANUAL_WORK: 'Close work by hand',
  TRAINING: 'Training, weight on the hands',
}

export const DIGITS: Readonly<Record<Digit, string>> = {
  THUMB: 'Thumb',
  INDEX: 'Index',
  MIDDLE: 'Middle',
  RING: 'Ring',
  LITTLE: 'Little',
}

export const MOVEMENTS: Readonly<Record<Movement, string>> = {
  WRIST_EXTENSION: 'Wrist bent back',
  WRIST_FLEXION: 'Wrist bent forward',
  ULNAR_DEVIATION: 'Wrist tilted to the little finger',
  RADIAL_DEVIATION: 'Wrist tilted to the thumb',
  FOREARM_ROTATION: 'Forearm turned',
  FINGER_FLEXION: 'Fingers bent',
  FINGER_EXTENSION: 'Fingers straightened or drawn back',
  FINGER_ABDUCTION: 'Fingers spread',
  THUMB_OPPOSITION: 'Thumb across the palm',
  THUMB_ABDUCTION: 'Thumb away from the hand',
  ELBOW_FLEXION: 'Elbow bent and straightened',
  SHOULDER_FLEXION: 'Arm raised',
  SHOULDER_EXTENSION: 'Arm taken back',
  NECK_MOVEMENT: 'Neck turned or bent',
  TRUNK_MOVEMENT: 'Back bent or turned',
  WEIGHT_ON_HANDS: 'Weight on the hands',
  GRIP: 'Gripping',
}

export const METHODS: Readonly<Record<Method, string>> = {
  STEADY_HOLD: 'Steady hold',
  SHORT_PULSES: 'Short pulses',
  BREATH_COUNTED: 'Breath-counted',
  LONG_QUIET: 'Long quiet',
  BRIEF_CAREFUL: 'Brief careful',
  UNTIL_IT_EASES: 'Until it eases',
}

export const NOTATIONS: Readonly<Record<Notation, string>> = {
  KEYBOARD: 'Keyboard: 1 2 3 4 5',
  STRINGS: 'Strings: T 1 2 3 4',
  PLUCKING: 'Plucking: p i m a c',
  NAMES: 'Names: thumb, index, middle, ring, little',
}

export const POSITIONS: Readonly<Record<Position, string>> = {
  SIT: 'Sit',
  AT_INSTRUMENT: 'At the instrument or device',
  TABLE: 'Table',
  STAND: 'Stand',
  WALL: 'Wall',
  FLOOR: 'Floor',
}

export const THINGS: Readonly<Record<Thing, string>> = {
  INSTRUMENT: 'Instrument or device',
  TABLE_EDGE: 'Table edge',
  TOWEL: 'Towel',
  SOFT_BALL: 'Soft ball',
  HARD_BALL: 'Firm ball',
  PENCIL: 'Pencil',
  MAT: 'Mat',
  LIGHT_WEIGHT: 'Light weight',
  CLAY: 'Clay or dough',
  ROLLER: 'Small roller',
  BOW: 'Bow',
  FINGER_TRAINER: 'Finger trainer',
  COIN: 'Coin',
  RUBBER_RING: 'Rubber ring',
  BOTTLE: 'Half-litre bottle',
  FOOD_CAN: 'Full food can',
  TIN: 'Round tin',
  ROLLED_SOCK: 'Rolled sock',
  KITCHEN_ROLL: 'Kitchen roll',
  CARPET: 'Carpet',
  LAP: 'Lap',
  OWN_FIST: 'Own fist',
  OWN_FOREARM: 'Other forearm',
  BAND: 'Band',
}

export const PURPOSES: Readonly<Record<Purpose, string>> = {
  WARM_UP: 'Warm-up',
  BREAK: 'Break',
  COOL_DOWN: 'Cool-down',
  STRENGTH: 'Strength',
  INDEPENDENCE: 'Independence',
  REACH: 'Reach',
  RECOVERY: 'Recovery',
}

export const REGIONS: Readonly<Record<Region, string>> = {
  THUMB: 'thumb',
  INDEX_FINGER: 'index finger',
  MIDDLE_FINGER: 'middle finger',
  RING_FINGER: 'ring finger',
  LITTLE_FINGER: 'little finger',
  PALM: 'palm',
  BACK_OF_HAND: 'back of the hand',
  WRIST_THUMB_SIDE: 'wrist, thumb side',
  WRIST_LITTLE_FINGER_SIDE: 'wrist, little-finger side',
  FOREARM_PALM_SIDE: 'forearm, palm side',
  FOREARM_BACK: 'forearm, back',
  ELBOW: 'elbow',
  SHOULDER: 'shoulder',
  NECK: 'neck',
  BACK: 'back',
}

export const SHORTFALLS: Readonly<Record<Shortfall, string>> = {
  NO_TIME: 'no time',
  COULD_NOT: 'too much',
  HURT: 'it hurt',
}
export const TIGHTER_SIDES: Readonly<Record<TighterSide, string>> = {
  LEFT: 'left',
  SAME: 'the same',
  RIGHT: 'right',
}
export const RESULT_UNITS: Readonly<Record<ResultForm['unit'], string>> = {
  SEMITONES: 'semitones',
  MILLIMETRES: 'mm',
  FRET: 'th fret',
}
export const SENSATIONS: Readonly<Record<Sensation, string>> = {
  PULL: 'pull',
  BURN: 'burn',
  ACHE: 'ache',
  SHARP: 'sharp',
  TINGLE: 'tingle',
  NUMB: 'numb',
  CRAMP: 'cramp',
  TREMOR: 'tremor',
  UNSTABLE: 'gives way',
  CLICK: 'click',
}

export const VIEWS: Readonly<Record<FigureView, string>> = {
  PALM: 'Palm',
  BACK: 'Back',
  SIDE: 'Side',
  SIDE_PALM_UP: 'Side, palm up',
  THREE_QUARTER: 'Three-quarter',
  LIFT: 'Back, tilted',
  PAIR: 'Both hands in contact',
  BODY: 'Whole body, from the front',
  BODY_SIDE: 'Whole body, from the side',
  BODY_THREE_QUARTER: 'Whole body, three-quarter',
  BODY_BEHIND: 'Whole body, from behind',
}

export const PLACES: Readonly<Record<BodyPlace, string>> = {
  NECK: 'Neck',
  NECK_SIDES: 'Sides of the neck',
  SHOULDERS: 'Shoulders',
  CHEST: 'Chest',
  BACK: 'Upper back',
  LOW_BACK: 'Lower back',
  SPINE: 'Whole back',
  FLANKS: 'Flanks',
  WAIST: 'Waist',
  HIPS: 'Hips',
  UPPER_ARMS: 'Upper arms',
  ELBOWS: 'Elbows',
  FOREARMS: 'Forearms',
  WRISTS: 'Wrists',
  HANDS: 'Hands',
  THIGHS: 'Thighs',
}

export const ARROWS: Readonly<Record<FigureArrow, string>> = {
  NONE: 'No arrow',
  PULL: 'Pull',
  PULL_AT_ROOT: 'Pull by the root',
  PRESS: 'Press',
  MOVE: 'To and fro',
  CIRCLE: 'Round',
  ALONG_TO_HAND: 'Along the forearm to the hand',
  ALONG_TO_ELBOW: 'Along the forearm to the elbow',
}

export const PROPS: Readonly<Record<FigureProp, string>> = {
  NONE: 'Nothing in the hand',
  BALL: 'Ball',
  WEIGHT: 'Weight',
  STICK: 'Pencil, bow or stick',
  BAND: 'Band',
  TABLE: 'Table under the fingers',
  EDGE: 'Table edge under the fingers',
  RING: 'Rubber ring',
  PEN: 'Pen',
  WOVEN_STICK: 'Stick woven through the fingers',
  COIN: 'Coin',
}

export const SEGMENTS: Readonly<Record<BodySegment, string>> = {
  HIPS: 'Hips',
  SPINE: 'Spine',
  CHEST: 'Chest',
  SHOULDERS: 'Shoulders',
  NECK: 'Neck',
  ELBOWS: 'Elbows',
  FOREARMS: 'Forearms',
  WRISTS: 'Wrists',
  HANDS: 'Hands',
  FINGERS: 'Fingers',
}

export const RECOVERIES: Readonly<Record<Recovery, string>> = {
  NONE: 'No rest day',
  REST_DAY: 'A rest day after',
}

export const REFERRAL_SIGNS: Readonly<Record<ReferralSign, string>> = {
  PINS_AND_NEEDLES: 'Pins and needles, loss of feeling',
  NIGHT_PAIN: 'Pain that wakes at night',
  CURLING_BY_ITSELF: 'Fingers that curl by themselves',
  SWELLING: 'Swelling, heat, changed shape',
  WEAKNESS: 'Weakness, dropping things',
  RECENT_INJURY: 'Recent injury or operation',
  STRONG_PAIN: 'Pain of 7 or more',
  GROWING_PAIN: 'Pain that grows',
}

export const LADDERS: Readonly<Record<LadderKind, string>> = {
  BY_DOSE: 'The dose itself',
  ENDURANCE: 'Repetitions in a row, to 300',
  TEMPO: 'Tempo',
  THINGS: 'Things, from easy to hard',
  NAMED: 'Named variants',
}

export const keys = <K extends string>(labels: Readonly<Record<K, unknown>>): K[] =>
  Object.keys(labels) as K[]
