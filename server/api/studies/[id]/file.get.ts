import { setResponseHeader } from 'h3'
import { fileText } from '../../../../shared/study/fileText'
import { notFound, parameter, route } from '../../../http/route'
import { studyFile } from '../../../study/file'

export default route((event, db) => {
  const file = studyFile(db, parameter(event, 'id'))
  if (!file) throw notFound('such study')
  setResponseHeader(event, 'content-type', 'application/json; charset=utf-8')
  return fileText(file)
})
