import { newDatasetSchema } from '../../../../shared/study/requests'
import { bodyOf, notFound, parameter, route } from '../../../http/route'
import { readTable } from '../../../../shared/import/table'
import { regionsOfTable } from '../../../http/localeTables'
import { importTable, loadStudy } from '../../../study/studies'

export default route(async (event, db) => {
  const { name, text, ...said } = await bodyOf(event, newDatasetSchema)
  const id = parameter(event, 'id')
  const document = loadStudy(db, id)?.document
  if (!document) throw notFound('such study')
  const table = readTable(text, said)
  const study = importTable(db, id, name, table, await regionsOfTable(table, document))
  if (!study) throw notFound('such study')
  return study
})
