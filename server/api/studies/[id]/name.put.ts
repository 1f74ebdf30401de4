import { newStudySchema } from '../../../../shared/study/requests'
import { bodyOf, notFound, parameter, route } from '../../../http/route'
import { loadStudy, saveStudy } from '../../../study/studies'

export default route(async (event, db) => {
  const { name } = await bodyOf(event, newStudySchema)
  const study = loadStudy(db, parameter(event, 'id'))
  if (!study) throw notFound('such study')
  saveStudy(db, study.id, {
    base: study.revision,
    document: { ...study.document, name },
    what: `Rename to ${name}`,
  })
  return {}
})
