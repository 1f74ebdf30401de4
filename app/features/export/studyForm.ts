import type { Export } from '~~/shared/exports/export'
import { studyFileName } from '~~/shared/names'
import { studyFileSchema } from '~~/shared/study/study'
import { requestText } from '~/composables/request'
import type { TakenForm, Taking } from './types'
import { words as catalogue } from '~~/words'

const texts = catalogue.exporting.study

async function make({ study: { id, name } }: Taking): Promise<Export> {
  const text = await requestText(`/api/studies/${id}/file`)
  const { datasets } = studyFileSchema.parse(JSON.parse(text))
  const values = datasets.reduce(
    (count, { rowCount, columns }) => count + rowCount * columns.length,
    0,
  )
  return {
    files: [{ name: studyFileName(name), type: 'application/json', text }],
    proof: { how: texts.verified, values, equal: values, differs: [] },
    notes: [],
  }
}

/** The whole study as one file. */
export const studyForm: TakenForm = {
  id: 'study',
  title: texts.title,
  says: texts.help,
  isOfLevel: false,
  isOfStudy: true,
  make,
}
