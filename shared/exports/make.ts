import { joinRegions } from '../../core/label/needs'
import type { Regions } from '../../core/label/region'
import type { Style } from '../../core/style/schemas'
import { type Cell, type Level, stylesIn } from '../quantities'
import { datasetAs, type DatasetMeta } from '../study/dataset'
import type { StudyDocument } from '../study/document'
import type { Quantity } from '../study/quantity'
import { unitWords } from '../page/mixed'
import { USUAL_SIZE } from '../page/layout'
import { pageSnapshot } from '../page/snapshot'
import { StyleError, whereResolved } from '../../core/error'
import { type ExportId, exportForms } from '.'
import { findingsAlone } from '../report/findings'
import type { Export, Standing } from './export'
import { archive } from './archive'
import { PACKED } from './forms/package'
import { ExportError } from './prove'
import {
  adjustedNotes,
  frozenNotes,
  handNotes,
  rowNotes,
  standing,
  surfaceNotes,
  unitNotes,
} from './notes'
import { levelWhere, type Provenance } from './provenance'
import { asWished, type Wishes } from './wishes'
import { unzipped, zipped } from './sheet/zip'
import { engine, labelsByModule, labelsByOptions, labelsByPackage } from './run'
import type { ExportForm, PageForm, StudyForm, Tools } from './types'
import type { ReadRuntime } from './runtime'
import { stylesToWrite, type Written, writtenOn } from './written'

/** What is exported of a study, and where it takes what it is made of. */
export interface ToExport {
  readonly document: StudyDocument
  readonly datasets: readonly DatasetMeta[]
  readonly quantity: Quantity
  readonly level: Level
  /** The cells of a column of a data set. */
  readonly cellsOf: (datasetId: string, column: string) => Cell[]
  readonly regionsFor: (style: Style) => Regions | Promise<Regions>
  readonly runtime: ReadRuntime
  readonly from: Provenance
  readonly wishes: Wishes
}

type Study = Omit<ToExport, 'quantity' | 'level'>
/** What is written on a level of a quantity of a study. @throws ExportError where nothing is */
async function writtenIn(
  { document, datasets, cellsOf, regionsFor, wishes }: Study,
  quantity: Quantity,
  level: Level,
): Promise<Written> {
  const { datasetId } = quantity
  const dataset = datasets.find((one) => one.id === datasetId)!
  const styles = stylesToWrite({ document, quantity, level })
  return writtenOn({
    ...{ document, quantity, level, dataset: datasetAs(dataset, document) },
    lacking: wishes.lacking,
    cellsOf: (name) => cellsOf(datasetId, name),
    regions: joinRegions(await Promise.all(styles.map(regionsFor))),
  })
}
/** What every quantity of a study is on each surface that shows it; and what cannot be written. */
async function allWritten(study: Study): Promise<{ all: Written[]; notes: string[] }> {
  const all: Written[] = []
  const notes: string[] = []
  for (const quantity of study.document.quantities)
    for (const level of PACKED)
      try {
        const written = await writtenIn(study, quantity, level)
        // A page may have no legend.
        if (level === 'quantity' || written.values.length > 0) all.push(written)
      } catch (error) {
        if (!(error instanceof ExportError || error instanceof StyleError)) throw error
        notes.push(`Left out: ${quantity.title} ${levelWhere(level)}. ${error.message}`)
      }
  return { all, notes }
}

const toolsOf = (runtime: ReadRuntime): Tools => ({
  ...{ runtime, labelsByModule, labelsByOptions, labelsByPackage, engine },
  ...{ archive, zip: zipped, unzip: unzipped },
})

/**
 * Errors and warnings that stand on the pages of quantities. A page that cannot be written has none:
 * its labels are not taken along either, and that is told.
 */
async function findingsIn(
  { document, datasets, cellsOf, regionsFor }: Study,
  quantities: readonly Quantity[],
): Promise<Standing[]> {
  const whole = { ...document, quantities: [...document.quantities, ...quantities] }
  const regions = joinRegions(await Promise.all(stylesIn(whole).map(regionsFor)))
  const study = { document, datasets, cellsOf, regions }
  return standing(
    quantities.flatMap((quantity) => whereResolved(() => findingsAlone(study, quantity)) ?? []),
  )
}

/** An export of the page of a quantity. */
async function pictured(
  form: PageForm,
  study: Omit<ToExport, 'level'>,
  from: Provenance,
): Promise<Export> {
  const { document, datasets, quantity, cellsOf, regionsFor } = study
  const dataset = datasets.find(({ id }) => id === quantity.datasetId)!
  const regions = await Promise.all(
    stylesIn({ ...document, quantities: [quantity] }).map(regionsFor),
  )
  const page = pageSnapshot({
    ...{ document, quantity, dataset: datasetAs(dataset, document) },
    ...{ regions: joinRegions(regions), cellsOf: (name: string) => cellsOf(dataset.id, name) },
    ...{ size: USUAL_SIZE, machine: false },
  })
  if (page.mixed && !page.hasOwnScales)
    throw new ExportError(
      `The rows are in ${page.mixed.units.map(unitWords).join(', ')}, which share no scale. Enter rates, or draw a panel for each of them, or show the rows in one of them, and export again.`,
    )
  return { ...form.makePage(page, from, quantity), findings: await findingsIn(study, [quantity]) }
}

/** An export, and what it writes. */
export interface Made {
  readonly written: readonly Written[]
  readonly made: Export
}

/**
 * An export in any form: of a level of a quantity, or of the whole study where that is its form;
 * proved on every value.
 *
 * @throws ExportError where the proof fails
 */
export async function makeExport(id: ExportId, asked: ToExport): Promise<Made> {
  const form: ExportForm | PageForm | StudyForm = exportForms[id]
  const tools = toolsOf(asked.runtime)
  const given = asWished(asked, asked.wishes)
  const from = { ...given.from, wishes: given.wishes, rates: given.document.rates }
  if ('makeAll' in form) {
    const { all: written, notes } = await allWritten(given)
    const made = await form.makeAll(written, tools, from, given.quantity.id)
    const own = written.filter(({ level }) => level === 'quantity')
    const told = own.flatMap((one) => [
      ...adjustedNotes(one, true).map((note) => `${one.title}: ${note}`),
      ...frozenNotes(one),
    ])
    const findings = await findingsIn(given, given.document.quantities)
    return { written, made: { ...made, findings, notes: [...made.notes, ...notes, ...told] } }
  }
  if ('makePage' in form) return { written: [], made: await pictured(form, given, from) }
  const written = await writtenIn(given, given.quantity, given.level)
  const made = await form.make(written, tools, from)
  const notes = [
    ...made.notes,
    ...adjustedNotes(written, Boolean(form.isCode ?? form.isList)),
    ...handNotes(written, Boolean(form.isCode ?? form.isList)),
    ...rowNotes(written),
    ...unitNotes(written),
    ...surfaceNotes(written),
    ...(form.isCode ? frozenNotes(written) : []),
  ]
  const all = await findingsIn(given, [given.quantity])
  const findings = all.filter(
    ({ surface }) => given.level === 'quantity' || surface === given.level,
  )
  return { written: [written], made: { ...made, notes, findings } }
}
