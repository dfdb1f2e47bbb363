/** A phrase as it is asked for: so many bars of so many beats; without bars there is none. */
export interface Phrase {
  readonly bars?: number
  readonly beatsABar?: number
}

/** The same as it stands in an address; nothing where there is none. */
export const phraseQuery = (phrase: Phrase): Record<string, string> =>
  phrase.bars ? { bars: String(phrase.bars), beatsABar: String(phrase.beatsABar ?? '') } : {}
