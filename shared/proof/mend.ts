import { type Element, isTag } from 'domhandler'
import { DomUtils } from 'htmlparser2'
import { resolve } from '../../core/label/resolve'
import { labeller } from '../../core/label/labeller'
import type { Regions } from '../../core/label/region'
import { toExactText, type Decimal } from '../../core/decimal/decimal'
import type { Axis } from '../../core/proof/axis'
import type { ReadColumn } from '../../core/proof/columns'
import type { Style } from '../../core/style/fields'
import { isLevel } from '../../core/proof/edges'
import { textWidth } from '../../core/text/advance'
import { escapeMarkup } from '../escape'
import type { HtmlCell } from './html'
import type { ReadChart, ReadFile } from './file'
import type { Source, SvgText } from './svgText'
import { haveNoRoom, turned } from './turn'
import { ProofError } from './xml'

/** A place of a file with what is to stand there. */
export interface Edit {
  readonly start: number
  readonly end: number
  readonly text: string
}

/** What is mended: an axis, the data labels of a chart, or a column. */
export type Part =
  | { readonly kind: 'axis'; readonly chart: ReadChart; readonly axis: Axis }
  | { readonly kind: 'marks'; readonly chart: ReadChart }
  | { readonly kind: 'column'; readonly column: ReadColumn }

/** The numbers that a part stands for, label by label. */
export function valuesOf(part: Part): readonly Decimal[] {
  if (part.kind === 'axis') return part.axis.values
  if (part.kind === 'column') return part.column.values
  return part.chart.read.marks.map(({ said }) => said.value)
}
/** The labels of a part as they stand. */
export function labelsOf(part: Part): readonly string[] {
  if (part.kind === 'axis') return part.axis.labels.map(({ text }) => text.text)
  if (part.kind === 'column') return part.column.cells.map(({ text }) => text)
  return part.chart.read.marks.map(({ label }) => label.text.text)
}

/**
 * The labels of a part in another style.
 *
 * @throws StyleError where the style cannot be resolved
 */
export function relabelled(part: Part, style: Style, regions: Regions): string[] {
  const values = valuesOf(part).map(toExactText)
  const step = part.kind === 'axis' ? (part.axis.step ?? undefined) : undefined
  return labeller(resolve(style, { ...regions, values, step })).labels(values)
}

const CDATA_END = ']]>'
/** A text as it stands between tags; within CDATA it is not escaped. */
const asSource = (file: string, { start }: Source, text: string): string =>
  file.lastIndexOf('<![CDATA[', start) > file.lastIndexOf(CDATA_END, start) &&
  file.lastIndexOf('<![CDATA[', start) >= 0
    ? text.replaceAll(CDATA_END, ']] >')
    : escapeMarkup(text).replaceAll('&quot;', '"')

/** The first of the sources with the label in the place of its text, the others without theirs. */
function textEdits(file: string, sources: readonly Source[], label: string): Edit[] {
  const [first, ...others] = sources
  if (!first) return []
  const whole = file.slice(first.start, first.end)
  const [before = ''] = /^\s*/.exec(whole)!
  const [after = ''] = whole.trim() === '' ? [''] : /\s*$/.exec(whole)!
  return [
    {
      start: first.start,
      end: first.end,
      text: `${before}${asSource(file, first, label)}${after}`,
    },
    ...others.map(({ start, end }) => ({ start, end, text: '' })),
  ]
}

/** The tag that opens an element. */
const openTag = (file: string, element: Element): { start: number; end: number } => {
  const start = element.startIndex!
  let quote = ''
  let at = start
  for (; at < file.length; at++) {
    const one = file[at]!
    if (quote) quote = one === quote ? '' : quote
    else if (one === '"' || one === "'") quote = one
    else if (one === '>') break
  }
  return { start, end: at + 1 }
}
/** An attribute of an element set to another value; added where it has none. */
function attributeEdit(file: string, element: Element, name: string, value: string): Edit {
  const { start, end } = openTag(file, element)
  const tag = file.slice(start, end)
  const found = new RegExp(`(\\s${name}\\s*=\\s*)("[^"]*"|'[^']*')`).exec(tag)
  const quoted = `"${escapeMarkup(value)}"`
  if (found) {
    const from = start + found.index + found[1]!.length
    return { start: from, end: from + found[2]!.length, text: quoted }
  }
  const at = start + /^<[^\s/>]+/.exec(tag)![0].length
  return { start: at, end: at, text: ` ${name}=${quoted}` }
}

/** Names for screen readers that say what the label said, on it and on the group of its tick. */
function spokenEdits(file: string, element: Element, old: string, label: string): Edit[] {
  const parent = element.parent && isTag(element.parent) ? [element.parent] : []
  return [element, ...parent].flatMap((one) => {
    const named = one.attribs['aria-label']
    const title = one.children.find((node) => isTag(node) && node.name === 'title')
    const text = title && DomUtils.textContent(title).trim() === old ? title : undefined
    const inner = text && isTag(text) ? text.children[0] : undefined
    return [
      ...(named?.trim() === old ? [attributeEdit(file, one, 'aria-label', label)] : []),
      ...(inner
        ? textEdits(file, [{ start: inner.startIndex!, end: inner.endIndex! + 1, lead: 0 }], label)
        : []),
    ]
  })
}

/** Labels that end in one line though they begin where their widths let them. */
const ENDS_ALIGNED = 0.35
function endsAlign(texts: readonly SvgText[]): boolean {
  if (texts.some(({ anchor, angle }) => anchor !== 'start' || Math.abs(angle) > 1)) return false
  const spread = (all: readonly number[]) => Math.max(...all) - Math.min(...all)
  const size = texts[0]?.size ?? 0
  return (
    spread(texts.map(({ x }) => x)) > 1.5 &&
    spread(texts.map(({ x, width }) => x + width)) <= ENDS_ALIGNED * size
  )
}
/** A label that is to end where the one before it did, though it is anchored at its start. */
function keptEnd(file: string, { element, text, size }: SvgText, label: string): Edit[] {
  const moved = Math.round((textWidth(text, size) - textWidth(label, size)) * 100) / 100
  if (moved === 0) return []
  const own = element.attribs.transform
  const value = `${own ? `${own} ` : ''}translate(${moved} 0)`
  return [attributeEdit(file, element, 'transform', value)]
}

/** What turns the labels of an axis that have no room beside each other; nothing elsewhere. */
function turningEdits(
  file: string,
  part: Part,
  all: readonly SvgText[][],
  labels: readonly string[],
): Edit[] {
  if (part.kind !== 'axis' || all.some(({ length }) => length !== 1)) return []
  const { side } = part.axis
  const texts = all.flat()
  const isBeside = (side === 'bottom' || side === 'top') && texts.every(isLevel)
  if (!isBeside || !haveNoRoom(texts, labels)) return []
  const each = texts.map((text) => ({ text, set: turned(text, side === 'bottom') }))
  if (each.some(({ set }) => set === null)) return []
  return each.flatMap(({ text, set }) =>
    Object.entries(set!).map(([name, value]) => attributeEdit(file, text.element, name, value)),
  )
}

/** A label of a chart: the texts that it is made of, and what it says. */
function chartEdits(file: string, all: readonly SvgText[][], labels: readonly string[]): Edit[] {
  const firsts = all.map(([first]) => first!)
  const isAligned = endsAlign(firsts)
  return all.flatMap((pieces, at) => {
    const [first] = pieces
    const old = pieces.map(({ text }) => text).join('')
    const label = labels[at]!
    if (!first || (pieces.length === 1 && first.text === label)) return []
    return [
      ...textEdits(
        file,
        pieces.flatMap(({ sources }) => sources),
        label,
      ),
      ...spokenEdits(file, first.element, old, label),
      ...(isAligned ? keptEnd(file, first, label) : []),
    ]
  })
}

/** All edits in one text; those that come twice, as for a text that is used twice, once. */
export function edited(file: string, edits: readonly Edit[]): string {
  const sorted = [...edits].sort((a, b) => a.start - b.start || a.end - b.end)
  let [written, at] = ['', 0]
  for (const { start, end, text } of sorted) {
    if (start < at) continue
    written += file.slice(at, start) + text
    at = end
  }
  return written + file.slice(at)
}

/**
 * A file with the labels of a part written anew: only their texts change, what names them for
 * screen readers, and where they must be moved to stay aligned, or turned since they have no room,
 * their transform and anchor.
 *
 * @param labels one for each of the part's
 * @throws ProofError for a file that is not UTF-8, of which more would change
 */
export function mended(work: ReadFile, part: Part, labels: readonly string[]): string {
  if (!work.isUtf8)
    throw new ProofError('it is not UTF-8: save it as UTF-8 before you correct its labels')
  return work.mark + mendedText(work.text, part, labels)
}
function mendedText(text: string, part: Part, labels: readonly string[]): string {
  if (part.kind === 'column') {
    const cells = part.column.cells as readonly HtmlCell[]
    return edited(
      text,
      cells.flatMap((cell, at) =>
        cell.text === labels[at] ? [] : textEdits(text, cell.sources, labels[at]!),
      ),
    )
  }
  const { read } = part.chart
  const own = part.kind === 'axis' ? part.axis.labels : read.marks.map(({ label }) => label)
  const pieces = own.map((label) => read.piecesOf(label) as SvgText[])
  return edited(text, [
    ...chartEdits(text, pieces, labels),
    ...turningEdits(text, part, pieces, labels),
  ])
}
