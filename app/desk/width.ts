let context: CanvasRenderingContext2D | null = null

/** The width of a table's text in pixels, in the page's typeface with its tabular figures. */
export function textWidth(text: string): number {
  if (!context) {
    context = document.createElement('canvas').getContext('2d')!
    context.font = `13px ${getComputedStyle(document.body).fontFamily}`
  }
  return context.measureText(text).width
}
