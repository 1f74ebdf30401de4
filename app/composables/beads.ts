/** How the bead of each severity looks. */
export const beads = { error: 'bad', warning: 'busy', note: '' } as const
