import { newRoleSchema } from '../../../../../../shared/study/requests'
import { regionsFor } from '../../../../../http/localeTables'
import { bodyOf, notFound, parameter, route } from '../../../../../http/route'
import { changeRole } from '../../../../../study/roles'
import { loadStudy } from '../../../../../study/studies'

export default route(async (event, db) => {
  const [id, datasetId] = [parameter(event, 'id'), parameter(event, 'dataset')]
  const wanted = await bodyOf(event, newRoleSchema)
  const study = loadStudy(db, id)
  const unit = study?.datasets
    .find((one) => one.id === datasetId)
    ?.columns.find(({ name }) => name === wanted.column)?.reading?.unit
  const regions = await regionsFor({ ...study?.document.house, ...(unit && { unit }) })
  const changed = changeRole(db, { studyId: id, datasetId }, wanted, regions)
  if (!changed) throw notFound('such data set')
  return changed
})
