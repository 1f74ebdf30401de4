import { notFound, parameter, route } from '../../../http/route'
import { copyStudy } from '../../../study/file'

export default route((event, db) => {
  const copy = copyStudy(db, parameter(event, 'id'))
  if (!copy) throw notFound('such study')
  return copy
})
