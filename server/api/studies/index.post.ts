import { newDocument } from '../../../shared/study/document'
import { newStudySchema } from '../../../shared/study/requests'
import { bodyOf, route } from '../../http/route'
import { createStudy, studyOfTable } from '../../study/studies'

export default route(async (event, db) => {
  const { name, table } = await bodyOf(event, newStudySchema)
  if (table) return studyOfTable(db, name, table.text, table)
  return createStudy(db, newDocument(name), 'Begin the study')
})
