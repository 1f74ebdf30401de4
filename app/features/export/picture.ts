import { drawn, flat, set, wordsOf } from './pictureText'
import { words } from '~~/words'

/** What an element looks like, as attributes that need no style sheet. */
const LOOKS = [
  'fill',
  'fill-opacity',
  'stroke',
  'stroke-width',
  'opacity',
  'font-size',
  'font-weight',
  'text-anchor',
  'paint-order',
] as const
/** What a page marks for its editor alone. */
const MARKED = ['flagged', 'tipped']
const FAMILY = 'Source Sans 3'
const FALLBACK = 'sans-serif'

/** What is known of a label on the page. */
export interface LabelFacts {
  readonly value: string
  /** What a screen reader should say; null where that is the label. */
  readonly spoken: string | null
}

/**
 * A chart as it stands on the page, its looks in attributes: drawn beside it unseen, so that the
 * page's own styles tell them.
 */
function plainCopy(
  chart: SVGSVGElement,
  factsOf: (surface: string, at: number) => LabelFacts | null,
): SVGSVGElement {
  const copy = chart.cloneNode(true) as SVGSVGElement
  for (const one of copy.querySelectorAll('*')) one.classList.remove(...MARKED)
  copy.style.position = 'absolute'
  copy.style.visibility = 'hidden'
  chart.parentElement!.append(copy)
  const elements = [copy, ...copy.querySelectorAll('*')]
  const looks = elements.map((one) => {
    const style = getComputedStyle(one)
    return LOOKS.map((name) => [name, style.getPropertyValue(name)] as const)
  })
  copy.remove()
  elements.forEach((one, at) => {
    for (const [name, value] of looks[at]!) if (one !== copy && value) one.setAttribute(name, value)
    const { surface, at: place } = (one as SVGElement).dataset ?? {}
    const facts = surface && place !== undefined ? factsOf(surface, Number(place)) : null
    if (facts) {
      one.setAttribute('data-value', facts.value)
      if (facts.spoken) one.setAttribute('aria-label', facts.spoken)
    }
    for (const { name } of [...one.attributes])
      if (
        name === 'class' ||
        name === 'style' ||
        name === 'data-picture' ||
        name.startsWith('data-v-')
      )
        one.removeAttribute(name)
  })
  return copy
}

const inRange = (code: number, range: string): boolean =>
  range.split(',').some((part) => {
    const [from, to = from] = part
      .trim()
      .replace(/^U\+/i, '')
      .split('-')
      .map((end) => parseInt(end, 16))
    return code >= from! && code <= to!
  })
const base64 = (bytes: ArrayBuffer): string =>
  btoa(Array.from(new Uint8Array(bytes), (byte) => String.fromCharCode(byte)).join(''))

/**
 * The typeface, as far as a text needs it, so that its labels are as wide elsewhere as they are
 * here.
 */
async function typefaceFor(text: string): Promise<string> {
  const codes = [...new Set([...text].map((one) => one.codePointAt(0)!))]
  const rules = [...document.styleSheets]
    .flatMap((sheet) => [...sheet.cssRules])
    .filter((rule): rule is CSSFontFaceRule => rule instanceof CSSFontFaceRule)
  const needed = rules.filter(
    ({ style }) =>
      style.getPropertyValue('font-family').includes(FAMILY) &&
      style.getPropertyValue('font-style') !== 'italic' &&
      codes.some((code) => inRange(code, style.getPropertyValue('unicode-range'))),
  )
  const faces = await Promise.all(
    needed.map(async ({ style, parentStyleSheet }) => {
      const address = /url\("?([^")]+)"?\)/.exec(style.getPropertyValue('src'))?.[1]
      if (!address) return ''
      const answer = await fetch(new URL(address, parentStyleSheet?.href ?? location.href))
      return `@font-face{font-family:'${FAMILY}';font-weight:${style.getPropertyValue('font-weight')};src:url(data:font/woff2;base64,${base64(await answer.arrayBuffer())})format('woff2');unicode-range:${style.getPropertyValue('unicode-range')}}`
    }),
  )
  return faces.join('')
}

/** What words take: a line of them is as wide as its page, whatever it says. */
function saidBox(words: Element): DOMRect {
  const range = document.createRange()
  range.selectNodeContents(words)
  return range.getBoundingClientRect()
}

/**
 * The charts of a page as one picture whose text stays text, with the number behind each label and
 * its spoken form.
 *
 * @param charts as they stand on the page, panels beside each other, and the lines of callouts
 * @param words what belongs to them: a legend, a key of colours, callouts
 * @param title what a screen reader says of it
 */
export async function pictureOf(
  charts: readonly SVGSVGElement[],
  words: readonly Element[],
  title: string,
  factsOf: (surface: string, at: number) => LabelFacts | null,
): Promise<string> {
  const boxes = [...charts.map((one) => one.getBoundingClientRect()), ...words.map(saidBox)]
  const [left, top] = [
    Math.min(...boxes.map((box) => box.left)),
    Math.min(...boxes.map((box) => box.top)),
  ]
  const [width, height] = [
    Math.max(...boxes.map((box) => box.right)) - left,
    Math.max(...boxes.map((box) => box.bottom)) - top,
  ]
  const picture = drawn('svg', {
    width,
    height,
    viewBox: `0 0 ${width} ${height}`,
    role: 'img',
    'aria-label': title,
    'font-family': `'${FAMILY}', ${FALLBACK}`,
  })
  picture.append(
    drawn(
      'style',
      {},
      await typefaceFor(
        [...charts.map((chart) => chart.textContent), ...words.map(wordsOf)].join(''),
      ),
    ),
  )
  charts.forEach((chart, at) => {
    const copy = plainCopy(chart, factsOf)
    const box = boxes[at]!
    set(copy, {
      x: box.left - left,
      y: box.top - top,
      width: box.width,
      height: box.height,
      overflow: 'visible',
    })
    picture.append(copy)
  })
  picture.append(...words.map((part) => flat(part, { left, top })))
  return new XMLSerializer().serializeToString(picture)
}

/**
 * What a picture says that is read in again: its labels in order, each with the number behind it,
 * and the words beside its charts.
 */
export function saidIn(picture: string): {
  labels: { surface: string; value: string; label: string }[]
  words: string[]
} {
  const read = new DOMParser().parseFromString(picture, 'image/svg+xml')
  if (read.querySelector('parsererror')) throw new Error(words.exporting.picture.unreadable)
  return {
    labels: [...read.querySelectorAll('[data-value]')].map((one) => ({
      surface: one.getAttribute('data-surface') ?? '',
      value: one.getAttribute('data-value')!,
      label: one.textContent ?? '',
    })),
    words: [...read.querySelectorAll(':root > g')].map((one) => one.textContent ?? ''),
  }
}
