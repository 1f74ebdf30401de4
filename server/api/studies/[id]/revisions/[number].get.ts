import { documentAt, hasRevision } from '../../../../db/revisions'
import { findStudy } from '../../../../db/studies'
import { notFound, parameter, route } from '../../../../http/route'

export default route((event, db) => {
  const study = findStudy(db, parameter(event, 'id'))
  if (!study) throw notFound('such study')
  const number = Number(parameter(event, 'number'))
  if (!hasRevision(db, study.id, number)) throw notFound('such revision')
  return { number, document: documentAt(db, study.id, number) }
})
