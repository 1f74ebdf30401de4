import { notFound, parameter, route } from '../../../http/route'
import { loadStudy } from '../../../study/studies'

export default route((event, db) => {
  const study = loadStudy(db, parameter(event, 'id'))
  if (!study) throw notFound('such study')
  return study
})
