import { newColumnSchema } from '../../../../../../shared/study/requests'
import { bodyOf, notFound, parameter, route, senderGone } from '../../../../../http/route'
import { runApart } from '../../../../../apart/run'
import { takeColumn } from '../../../../../study/derived'
import { loadStudy } from '../../../../../study/studies'

export default route(async (event, db) => {
  const [studyId, datasetId] = [parameter(event, 'id'), parameter(event, 'dataset')]
  const column = await bodyOf(event, newColumnSchema)
  const study = loadStudy(db, studyId)
  const dataset = study?.datasets.find(({ id }) => id === datasetId)
  if (!study || !dataset) throw notFound('such data set')
  const task = { dataset, document: study.document, column }
  const kept = await runApart(db, 'derive', task, { gone: senderGone(event) })
  const taken = takeColumn(db, { studyId, datasetId }, column, kept)
  if (!taken) throw notFound('such data set')
  return taken
})
