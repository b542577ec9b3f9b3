import { Link, useParams } from 'react-router'
import { useWorkbench } from '@/api/workbench'
import { VIEWS } from './views'

/** What means what and where it goes: the loom, and closer looks at its parts. */
export default function Wire() {
  const { aircraft, document } = useWorkbench()
  const { view = '' } = useParams()
  if (!aircraft || !document) return null
  const open = VIEWS.filter((one) => !one.where || one.where(aircraft))
  const here = open.find((one) => one.path === view) ?? open[0]
  if (!here) return null
  return (
    <div className="flex h-full min-h-0 flex-col">
      <nav
        aria-label="Views of Wire"
        className="flex h-9 shrink-0 items-stretch gap-1 overflow-x-auto border-line border-b px-3"
      >
        {open.map((one) => (
          <Link
            key={one.path}
            to={`/aircraft/${aircraft.id}/wire${one.path && `/${one.path}`}`}
            aria-current={one === here ? 'page' : undefined}
            className={`flex items-center border-b-2 px-3 text-sm ${one === here ? 'border-ember font-semibold' : 'border-transparent text-muted hover:text-ink'}`}
          >
            {one.name}
          </Link>
        ))}
      </nav>
      <div className="min-h-0 flex-1">
        <here.view aircraft={aircraft} document={document} />
      </div>
    </div>
  )
}
