import { Navigate, useLocation, useParams } from 'react-router'
import { FORMER } from '@/parts/places'

/** An address of a former version leads to the present one; what it asked for comes along. */
export function Former({ to }: { to: string }) {
  const { search } = useLocation()
  return <Navigate to={`${to}${search}`} replace />
}

/** The same for a station that has another name now, and its views. */
export function FormerStation({ of }: { of: string }) {
  const { id, view = '' } = useParams()
  const { station = 'program', views = {} } = FORMER[of] ?? {}
  const now = views[view] ?? view
  return <Former to={`/aircraft/${id}/${station}${now && `/${now}`}`} />
}
