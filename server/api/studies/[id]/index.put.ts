import { saveRequestSchema } from '../../../../shared/study/requests'
import { bodyOf, notFound, parameter, route } from '../../../http/route'
import { saveStudy } from '../../../study/studies'

export default route(async (event, db) => {
  const saved = saveStudy(db, parameter(event, 'id'), await bodyOf(event, saveRequestSchema))
  if (!saved) throw notFound('such study')
  return saved
})
