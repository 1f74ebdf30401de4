import { newDatasetSchema } from '../../../../shared/study/requests'
import { bodyOf, notFound, parameter, route, senderGone } from '../../../http/route'
import { runApart } from '../../../apart/run'
import { loadStudy, placeFor, takeTable } from '../../../study/studies'

export default route(async (event, db) => {
  const { name, text, key, ...said } = await bodyOf(event, newDatasetSchema)
  const id = parameter(event, 'id')
  const study = loadStudy(db, id)
  if (!study) throw notFound('such study')
  const { document, datasets } = study
  const to = { ...placeFor(name, datasets), document }
  const table = await runApart(db, 'read', { text, said, to }, { key, gone: senderGone(event) })
  const taken = takeTable(db, id, table)
  if (!taken) throw notFound('such study')
  return taken
})
