import { StyleError } from '~~/core/error'
import { regionsBy } from '~~/core/label/needs'
import { localeTableName, type Regions } from '~~/core/label/region'
import { type ReadFile, readWork } from '~~/shared/proof/file'
import { mended } from '~~/shared/proof/mend'
import { partsOf } from '~~/shared/proof/parts'
import { readersFor } from '~~/shared/proof/readers'
import { rowsOf, type WorkTable } from '~~/shared/proof/rows'
import { type ProofView, viewOf } from '~~/shared/proof/view'

/** A file to read, new labels for a part of it, or its numbers as a table. */
export type ProofJob =
  | {
      readonly read: Uint8Array
      readonly declared: readonly string[]
      readonly regions: Regions
    }
  | { readonly part: number; readonly labels: readonly string[] }
  | { readonly table: true }
export type ProofAnswer =
  | { readonly view: ProofView; readonly text: string }
  | { readonly table: WorkTable }
  | { readonly trouble: string }

/** What is open: the file as it was given, and how it was read. */
let open: { readonly work: ReadFile; readonly again: (text: string) => ReadFile } | null = null

/** The tables of a region, or of its language, among those that came along. */
function regionsIn({ tables = {} }: Regions) {
  // English is part of the program.
  return (tag: string): Regions =>
    localeTableName(tag) === 'en'
      ? {}
      : regionsBy({ locale: tag }, (kind, name) => {
          const found = kind === 'locales' ? tables[name] : undefined
          if (!found) throw new StyleError('locale', tag, 'its table is not here')
          return found as never
        })
}

function answerTo(job: ProofJob): ProofAnswer {
  if ('read' in job) {
    const again = (bytes: Uint8Array) =>
      readWork(bytes, (language) => readersFor(job.declared, language, regionsIn(job.regions)))
    const work = again(job.read)
    open = { work, again: (text) => again(new TextEncoder().encode(text)) }
    return { view: viewOf(work), text: work.mark + work.text }
  }
  const { work, again } = open!
  if ('table' in job) return { table: rowsOf(work) }
  const text = mended(work, partsOf(work)[job.part]!, job.labels)
  return { view: viewOf(again(text)), text }
}

/** Proofs beside the page, so that no frame waits for a long file. */
addEventListener('message', ({ data }: MessageEvent<ProofJob>) => {
  try {
    postMessage(answerTo(data))
  } catch (error) {
    postMessage({ trouble: (error as Error).message })
  }
})
