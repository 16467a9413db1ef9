import { t } from '@/lib/text'

export type Role = 'owner' | 'instructor' | 'helper'

/** What each role may do, in a sentence. */
export const ROLES: Record<Role, { label: string; someone: string; says: string }> = {
  owner: {
    label: t('studio.owner'),
    someone: t('studio.an_owner'),
    says: t('studio.plans_and_runs_classes_and_looks'),
  },
  instructor: {
    label: t('studio.instructor'),
    someone: t('studio.an_instructor'),
    says: t('studio.plans_and_runs_classes_and_sees'),
  },
  helper: {
    label: t('studio.helper'),
    someone: t('studio.a_helper'),
    says: t('studio.checks_people_in_and_logs'),
  },
}
export const ROLE_OPTIONS = (Object.keys(ROLES) as Role[]).map((value) => ({ value, label: ROLES[value].label }))
