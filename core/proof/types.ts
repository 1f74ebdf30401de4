/** Where something stands in a file: places among its characters, and the line and column from 1. */
export interface Span {
  readonly start: number
  readonly end: number
  readonly line: number
  readonly column: number
}

export type Anchor = 'start' | 'middle' | 'end'

/** A text of a picture, after all transforms: in pixels of the picture, y downwards. */
export interface PlacedText {
  readonly text: string
  /** Where it is anchored, on its baseline. */
  readonly x: number
  readonly y: number
  readonly anchor: Anchor
  /** The size of its type. */
  readonly size: number
  /** By how many degrees it is turned, clockwise. */
  readonly angle: number
  /** How wide it is, as far as that can be told without its typeface. */
  readonly width: number
  readonly at: Span
  /** The groups that it stands in, from the outermost, by numbers of their own. */
  readonly groups: readonly number[]
}

/** A straight line of a picture. */
export interface Stroke {
  readonly x1: number
  readonly y1: number
  readonly x2: number
  readonly y2: number
}
/** A filled form of a picture, by the box around it. */
export interface Shape {
  readonly kind: 'bar' | 'point'
  readonly x: number
  readonly y: number
  readonly width: number
  readonly height: number
}

/** What a reader of files finds in a picture. */
export interface Picture {
  readonly width: number
  readonly height: number
  readonly texts: readonly PlacedText[]
  readonly strokes: readonly Stroke[]
  readonly shapes: readonly Shape[]
}

export type Side = 'left' | 'right' | 'top' | 'bottom'
export type ScaleKind = 'linear' | 'log' | 'symlog' | 'multiple' | 'power'
