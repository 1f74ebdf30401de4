import { readFile } from '~~/shared/import/files'
import { tableOfPage } from '~~/shared/import/files/html'
import type { Tabular } from '~~/shared/import/files/types'
import { readTable, type Said } from '~~/shared/import/table'
import { previewOf, type TablePreview } from './preview'

/** A text to read as a table; a file, or what was pasted of a page, to read as text. */
export type ReadingJob =
  | { readonly text: string; readonly said: Said }
  | { readonly page: string }
  | { readonly bytes: Uint8Array; readonly name: string; readonly part?: number }
/** How far it is, from 0 to 1; what was read; or why it could not be. */
export type ReadingAnswer =
  | { readonly done: number }
  | { readonly table: TablePreview }
  | { readonly file: Tabular }
  | { readonly trouble: string }

const answer = (one: ReadingAnswer) => postMessage(one)

async function read(job: ReadingJob): Promise<ReadingAnswer> {
  if ('page' in job) return { file: tableOfPage(job.page) }
  if ('bytes' in job) return { file: await readFile(job) }
  return { table: previewOf(readTable(job.text, job.said, (done) => answer({ done }))) }
}

/** Reads what is long beside the page, so that no frame waits for it. */
addEventListener('message', ({ data }: MessageEvent<ReadingJob>) => {
  read(data).then(answer, (error: Error) => answer({ trouble: error.message }))
})
