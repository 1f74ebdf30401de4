import { notFound, parameter, route } from '../../../http/route'
import { studyFile } from '../../../study/file'

export default route((event, db) => {
  const file = studyFile(db, parameter(event, 'id'))
  if (!file) throw notFound('such study')
  return file
})
