import { useQuery } from '@tanstack/react-query'
import { rolesQuery } from '../../api/queries'
import type { Role } from '../../api/types'

/** The roles to pick from, and what each is called. */
export function useRoles() {
  const roles = useQuery(rolesQuery).data ?? []
  const options = roles.map(({ role, label }) => ({ value: role, label }))
  const labelOf = (role: Role) => roles.find((own) => own.role === role)?.label ?? ''
  return { options, labelOf }
}
