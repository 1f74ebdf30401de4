import { newDatasetSchema } from '../../../../shared/study/requests'
import { bodyOf, notFound, parameter, route } from '../../../http/route'
import { importDataset } from '../../../study/studies'

export default route(async (event, db) => {
  const { name, text, ...said } = await bodyOf(event, newDatasetSchema)
  const study = importDataset(db, parameter(event, 'id'), name, text, said)
  if (!study) throw notFound('such study')
  return study
})
