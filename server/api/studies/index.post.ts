import { newDocument } from '../../../shared/study/document'
import { newStudySchema } from '../../../shared/study/requests'
import { bodyOf, route } from '../../http/route'
import { readTable } from '../../../shared/import/table'
import { regionsOfTable } from '../../http/localeTables'
import { createStudy, studyOfTable } from '../../study/studies'

export default route(async (event, db) => {
  const { name, table } = await bodyOf(event, newStudySchema)
  if (table) {
    const read = readTable(table.text, table)
    return studyOfTable(db, name, read, await regionsOfTable(read, newDocument(name)))
  }
  return createStudy(db, newDocument(name), 'Begin the study')
})
