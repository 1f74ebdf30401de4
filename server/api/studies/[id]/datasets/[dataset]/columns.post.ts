import { newColumnSchema } from '../../../../../../shared/study/requests'
import { bodyOf, notFound, parameter, route } from '../../../../../http/route'
import { deriveColumn } from '../../../../../study/derived'

export default route(async (event, db) => {
  const study = deriveColumn(
    db,
    parameter(event, 'id'),
    parameter(event, 'dataset'),
    await bodyOf(event, newColumnSchema),
  )
  if (!study) throw notFound('such data set')
  return study
})
