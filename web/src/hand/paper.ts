import type { Gradient, Shape } from './drawn'
import type { Point } from './vector'

/** What is painted of one hand, from behind to front. */
export class Paper {
  readonly shapes: Shape[] = []
  readonly clips: { id: string; path: string }[] = []
  readonly gradients: Gradient[] = []

  constructor(
    private readonly id: string,
    private readonly light: Point,
    readonly line: string,
    readonly width: number,
  ) {}

  /** Shade, then the same shape in its colour moved toward the light, then the line. */
  solid(path: string, fill: string, shade: string, reach = 1): string {
    const clip = `${this.id}c${this.clips.length}`
    this.clips.push({ id: clip, path })
    this.shapes.push({ path, fill: shade })
    this.shapes.push({
      path,
      fill,
      clip,
      shift: [this.light[0] * reach, -this.light[1] * reach],
    })
    this.shapes.push({ path, line: this.line, width: this.width })
    return clip
  }

  gradient(name: string, from: Point, to: Point, first: string, last: string): string {
    const id = `${this.id}${name}`
    this.gradients.push({ id, from, to, first, last })
    return `url(#${id})`
  }
}
