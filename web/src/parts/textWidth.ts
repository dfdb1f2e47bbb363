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

/** A text in at most two lines of about the same length, each cut to the width. */
export function twoLines(text: string, width: number, size: number): string[] {
  if (textWidth(text, size) <= width) return [text]
  const parts = text.split(' ')
  let best: string[] = [text]
  let shortest = Infinity
  for (let i = 1; i < parts.length; i++) {
    const lines = [parts.slice(0, i).join(' '), parts.slice(i).join(' ')]
    const longest = Math.max(...lines.map((l) => textWidth(l, size)))
    if (longest <= shortest) {
      shortest = longest
      best = lines
    }
  }
  return best.map((line) => fitted(line, width, size))
}

/** A text cut to a width, with an ellipsis. */
export function fitted(text: string, width: number, size: number): string {
  if (textWidth(text, size) <= width) return text
  let cut = text
  while (cut.length > 1 && textWidth(`${cut}…`, size) > width) cut = cut.slice(0, -1)
  return `${cut.trimEnd()}…`
}
