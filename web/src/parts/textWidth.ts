const NARROW: Readonly<Record<string, number>> = {
  i: 0.26,
  l: 0.26,
  j: 0.26,
  f: 0.34,
  t: 0.36,
  r: 0.36,
  m: 0.86,
  w: 0.76,
  ' ': 0.26,
}

/** About how wide a text is in our typeface, in pixels. */
export function textWidth(text: string, size: number): number {
  let units = 0
  for (const letter of text) units += NARROW[letter] ?? (/[A-ZÅÄÖ]/.test(letter) ? 0.63 : 0.56)
  return units * size
}

/** Every way to break words into a number of lines. */
function* breaks(words: readonly string[], lines: number): Generator<string[]> {
  if (lines === 1) {
    yield [words.join(' ')]
    return
  }
  for (let i = 1; i <= words.length - lines + 1; i++) {
    for (const rest of breaks(words.slice(i), lines - 1)) {
      yield [words.slice(0, i).join(' '), ...rest]
    }
  }
}

/**
 * A text in as few lines of about the same length as it needs. What is too wide for all its lines
 * ends with the first that is cut.
 */
export function inLines(text: string, width: number, size: number, most: number): string[] {
  const words = text.split(' ')
  let best: string[] = [text]
  let shortest = textWidth(text, size)
  for (let count = 2; count <= Math.min(most, words.length) && shortest > width; count++) {
    for (const lines of breaks(words, count)) {
      const longest = Math.max(...lines.map((line) => textWidth(line, size)))
      if (longest < shortest) {
        shortest = longest
        best = lines
      }
    }
  }
  const cut = best.findIndex((line) => textWidth(line, size) > width)
  return cut < 0 ? best : [...best.slice(0, cut), fitted(best[cut] ?? '', width, size)]
}

/** A text cut to a width, with an ellipsis. */
export function fitted(text: string, width: number, size: number): string {
  if (textWidth(text, size) <= width) return text
  let cut = text
  while (cut.length > 1 && textWidth(`${cut}…`, size) > width) cut = cut.slice(0, -1)
  return `${cut.trimEnd()}…`
}
