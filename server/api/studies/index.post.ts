import { newStudySchema } from '../../../shared/study'
import { bodyOf, route } from '../../http/route'
import { createStudy } from '../../study/studies'

export default route(async (event, db) => {
  const { name } = await bodyOf(event, newStudySchema)
  return createStudy(db, { name, house: {}, quantities: [], shown: null }, 'Begin the study')
})
