import { csvForm } from './forms/csv'
import { htmlForm } from './forms/html'
import { moduleForm } from './forms/module'
import { packageForm } from './forms/package'
import { optionsForm } from './forms/options'
import { patternsForm } from './forms/patterns'
import { pictureForm } from './forms/picture'
import { sheetForm } from './forms/sheet'
import { styleForm } from './forms/style'
import type { ExportForm, PageForm, StudyForm } from './types'

/**
 * Every form in which a decision is handed over, by its id, in the order in which they are offered.
 */
export const exportForms = {
  package: packageForm,
  module: moduleForm,
  style: styleForm,
  options: optionsForm,
  patterns: patternsForm,
  csv: csvForm,
  html: htmlForm,
  ods: sheetForm,
  svg: pictureForm,
} satisfies Record<string, ExportForm | PageForm | StudyForm>
export type ExportId = keyof typeof exportForms
export const EXPORT_IDS = Object.keys(exportForms) as [ExportId, ...ExportId[]]
