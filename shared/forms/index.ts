import { area } from './area'
import { bars } from './bars'
import { columns } from './columns'
import { distribution } from './distribution'
import { line } from './line'
import { points } from './points'
import { ring } from './ring'
import type { ChartForm } from './types'

/** Every form of chart, by its id, in the order in which they are offered. */
export const forms = { columns, bars, line, points, area, ring, distribution } satisfies Record<
  string,
  ChartForm
>
export type FormId = keyof typeof forms
export const FORM_IDS = Object.keys(forms) as [FormId, ...FormId[]]

/** The form of a chart: columns where none is chosen. */
export const formOf = ({ form = 'columns' }: { readonly form?: FormId | undefined }): ChartForm =>
  forms[form]
