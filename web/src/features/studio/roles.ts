export type Role = 'owner' | 'instructor' | 'helper'

/** What each role may do, in a sentence. */
export const ROLES: Record<Role, { label: string; someone: string; says: string }> = {
  owner: {
    label: 'Owner',
    someone: 'an owner',
    says: 'plans and runs classes, and looks after the team, exports and deletion.',
  },
  instructor: {
    label: 'Instructor',
    someone: 'an instructor',
    says: 'plans and runs classes, and sees the people’s health notes.',
  },
  helper: {
    label: 'Helper',
    someone: 'a helper',
    says: 'checks people in and logs; sees whom to talk to first, and no health notes.',
  },
}
export const ROLE_OPTIONS = (Object.keys(ROLES) as Role[]).map((value) => ({ value, label: ROLES[value].label }))
