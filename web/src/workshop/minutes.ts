/** Seconds in words: "6 min 24 s". */
export function minutesWords(seconds: number): string {
  const whole = Math.round(seconds)
  const minutes = Math.floor(whole / 60)
  const rest = whole % 60
  return [minutes ? `${minutes} min` : '', rest || !minutes ? `${rest} s` : '']
    .filter(Boolean)
    .join(' ')
}
