import type { Export } from '~~/shared/exports/export'
import { studyFileName } from '~~/shared/names'
import { studyFileSchema } from '~~/shared/study/study'
import { requestText } from '~/composables/request'
import type { TakenForm, Taking } from './types'

async function make({ study: { id, name } }: Taking): Promise<Export> {
  const text = await requestText(`/api/studies/${id}/file`)
  const { datasets } = studyFileSchema.parse(JSON.parse(text))
  const values = datasets.reduce(
    (count, { rowCount, columns }) => count + rowCount * columns.length,
    0,
  )
  return {
    files: [{ name: studyFileName(name), type: 'application/json', text }],
    proof: { how: 'The file was read in again', values, equal: values, differs: [] },
    notes: [],
  }
}

/** The whole study as one file. */
export const studyForm: TakenForm = {
  id: 'study',
  title: 'the whole study as one file',
  says: 'All decisions and data. “ivory-abacus check” reports its findings in continuous integration, as text, JSON or SARIF.',
  isOfLevel: false,
  isOfStudy: true,
  make,
}
