import type { Export, ExportKind } from '../../shared/study'
import type { Db } from '../db/database'
import { makeCsv } from './kinds/csv'
import { makeHtml } from './kinds/html'
import { makeModule } from './kinds/module'
import { makeOptions } from './kinds/options'
import { makeStyle } from './kinds/style'
import type { MakeExport } from './kinds/types'
import { type Asked, type Sources, writtenOn } from './written'

const kinds: Record<ExportKind, MakeExport> = {
  module: makeModule,
  style: makeStyle,
  options: makeOptions,
  csv: makeCsv,
  html: makeHtml,
}

/**
 * What is written on a level of a quantity, as files of a kind, proved on every value.
 *
 * @throws ExportError where the proof fails
 */
export async function exportAs(
  kind: ExportKind,
  db: Db,
  asked: Asked,
  sources: Sources,
): Promise<Export> {
  return { kind, ...(await kinds[kind](await writtenOn(db, asked, sources), sources)) }
}
