import type { Room, Subject, Surface } from '../../core/checks/types'
import type { Decimal } from '../../core/decimal/decimal'
import type { Context } from '../../core/label/resolve'
import type { Row } from '../../core/label/types'
import type { FullStyle } from '../../core/style/fields'
import type { Said } from '../../core/text/message'
import type { Cell } from '../quantities'
import type { DatasetMeta, Quantity } from '../study'
import { type Drawing, numberStep } from './drawing'
import { changesOf, type MarkText } from './marks'
import type { MessageId, Prosaic } from './messages'

/** What is checked: a subject as it is, or one whose values are a column's cells. */
export type CheckedSubject =
  | Subject
  | (Omit<Subject, 'values' | 'rows'> & {
      readonly cells: Float64Array | readonly Cell[]
      readonly sides?: Subject['rows']
    })

/** What is checked of a surface. */
export interface PlacedSubject {
  readonly surface: Surface
  /** The quantity, where it is another than the page's. */
  readonly other?: { readonly id: string; readonly title: string } | undefined
  readonly subject: CheckedSubject
}

/** A page as it stands, surface by surface. */
export interface PageNow {
  readonly quantity: Quantity
  readonly dataset: Pick<DatasetMeta, 'columns'> | null
  readonly readers: readonly string[] | undefined
  /** The surfaces that are on it. */
  readonly shown: readonly Surface[]
  readonly on: Readonly<Record<Surface, { readonly style: FullStyle; readonly context: Context }>>
  readonly drawing: Drawing
  /** The column as it is checked. */
  readonly column: Float64Array | readonly Cell[]
  readonly tableRows: readonly Row[] | undefined
  readonly markRows: readonly Row[] | undefined
  readonly tipRows: readonly Row[] | undefined
  readonly tickLabels: readonly string[]
  readonly beside: readonly (readonly MarkText[])[]
  /** What changes on marks are written in, where that is not the marks' own way. */
  readonly changeStyle: FullStyle | undefined
  readonly edges: readonly Decimal[]
  /** Where it was laid out. */
  readonly marksRoom?: Room | undefined
  readonly axisRoom?: Room | undefined
  /** The total under the table, and what is summed. */
  readonly summed: Pick<Subject, 'total' | 'selection'>
  readonly said: Readonly<Record<MessageId, Pick<Said, 'numbers' | 'ownText'>>>
  /** Whether a mark has a callout. */
  readonly hasCallout: boolean
}

/** What stands on the line of each mark's label besides it, or on the other one. */
function partsOn(
  beside: PageNow['beside'],
  isOn: (line: number, own: number | undefined) => boolean,
): string[] | undefined {
  const texts = beside.map((parts) =>
    parts
      .filter(
        ({ part, line }) =>
          part !== 'value' && isOn(line, parts.find((one) => one.part === 'value')?.line),
      )
      .map(({ text }) => ` ${text}`)
      .join(''),
  )
  return texts.some(Boolean) ? texts : undefined
}

/** What is checked of each surface of a page. */
export function subjectsOf(page: PageNow): PlacedSubject[] {
  const {
    quantity,
    drawing: { ticks: placed, groups, labelled },
    on,
    shown,
    said,
  } = page
  const base = (surface: Surface) => ({
    surface,
    ...on[surface],
    kind: quantity.kind,
    readers: page.readers,
  })
  const elsewhere = (surface: Surface) =>
    shown.includes(surface) ? [{ surface, style: on[surface].style }] : []
  const hasTexts = quantity.ticks.labels?.some((text) => text !== '')
  const written = (surface: Prosaic, ids: readonly MessageId[]) => ({
    ...base(surface),
    values: ids.flatMap((id) => said[id].numbers),
    text: ids.map((id) => said[id].ownText).join(' '),
  })
  const made: Record<Surface, () => CheckedSubject> = {
    axis: () => ({
      ...base('axis'),
      values: placed.values,
      step: numberStep(placed, quantity.ticks) ?? undefined,
      room: page.axisRoom,
      byHand: hasTexts ? [...page.tickLabels] : undefined,
    }),
    marks: () => ({
      ...base('marks'),
      values: labelled.map((at) => groups[at]!.value),
      rows: page.markRows,
      room: page.marksRoom,
      around: partsOn(page.beside, (line, own) => line === own),
      below: partsOn(page.beside, (line, own) => line !== own)?.map((text) => text.trim()),
      others: elsewhere('tooltip'),
      ...(quantity.chart.parts?.includes('change')
        ? { changes: changesOf(page.drawing), changeStyle: page.changeStyle }
        : {}),
    }),
    table: () => ({
      ...base('table'),
      cells: page.column,
      sides: page.tableRows,
      shares: quantity.kind === 'shares',
      texts: page.dataset?.columns.find(({ name }) => name === quantity.column)?.unread,
      ...page.summed,
    }),
    tooltip: () => ({
      ...base('tooltip'),
      values: groups.map(({ value }) => value),
      rows: page.tipRows,
    }),
    legend: () => ({
      ...base('legend'),
      values: page.edges,
      binned: groups.map(({ value }) => value),
    }),
    headline: () => written('headline', ['headline']),
    sentence: () => written('sentence', page.hasCallout ? ['sentence', 'callout'] : ['sentence']),
  }
  return shown.map((surface) => ({ surface, subject: made[surface]() }))
}
