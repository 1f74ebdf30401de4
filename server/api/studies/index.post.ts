import { newDocument } from '../../../shared/study/document'
import { newStudySchema } from '../../../shared/study/requests'
import { bodyOf, route } from '../../http/route'
import { createStudy } from '../../study/studies'

export default route(async (event, db) => {
  const { name } = await bodyOf(event, newStudySchema)
  return createStudy(db, newDocument(name), 'Begin the study')
})
