import { toText } from '../../core/decimal/decimal'
import { labelsOf, mended, relabelled, valuesOf } from './mend'
import { partsOf } from './parts'
import { graveIn, readersOf, readText } from './testing/readers'

/** An axis below with a label every forty pixels, as wide as its numbers are short. */
const axis = (set = '', group = 'text-anchor="middle"') =>
  `<svg xmlns="http://www.w3.org/2000/svg" width="400" height="120"><g ${group} font-size="10">${[
    0, 1, 2, 3, 4, 5,
  ]
    .map(
      (at) =>
        `<g transform="translate(${40 + at * 40} 80)"><line y2="6" stroke="#000"/><text y="9" dy="0.71em"${set}>${at}M</text></g>`,
    )
    .join('')}</g></svg>`
const inFull = (file: string) => {
  const work = readText(file)
  const [part] = partsOf(work)
  const labels = relabelled(part!, { fraction: [0, 0] }, readersOf()('').regions)
  return { work, part: part!, labels, text: mended(work, part!, labels) }
}

test('labels that have no room beside each other are turned, and read as the same numbers', () => {
  const { part, labels, text } = inFull(axis())
  expect(labels[1]).toBe('1,000,000')
  expect(text.match(/<text [^>]*transform="rotate\(-45 0 16.1\)"/g)).toHaveLength(6)
  expect(text.match(/<text [^>]*text-anchor="end"/g)).toHaveLength(6)
  const again = readText(text)
  const [now] = partsOf(again)
  expect(labelsOf(now!)).toEqual(labels)
  expect(valuesOf(now!).map(toText)).toEqual(valuesOf(part).map(toText))
  expect(graveIn(again)).toEqual([])
})

test('labels that have room stay level, also where the typeface of the file is narrower', () => {
  const work = readText(axis())
  const [part] = partsOf(work)
  expect(
    mended(
      work,
      part!,
      labelsOf(part!).map((label) => label.replace('M', 'K')),
    ),
  ).not.toContain('rotate')
  const narrow = readText(
    axis('', 'text-anchor="middle" font-family="Condensed"').replaceAll(
      'font-size="10"',
      'font-size="34"',
    ),
  )
  const [wide] = partsOf(narrow)
  const same = labelsOf(wide!).map((label) => label.replace('M', 'K'))
  expect(mended(narrow, wide!, same)).not.toContain('rotate')
})

test('an anchor that a style keeps is left, and so is the label', () => {
  expect(inFull(axis(' style="text-anchor:middle"')).text).not.toContain('rotate')
})
