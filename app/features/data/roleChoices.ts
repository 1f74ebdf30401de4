import { type Role, ROLES } from '~~/core/data/roles'
import { words } from '~~/words'

export const roleTitles: Readonly<Record<Role, string>> = words.data.roles

/** What a column can hold, as a list to choose from. */
export const roleChoices = ROLES.map((id) => ({ id, title: roleTitles[id] }))
