import { Link } from 'react-router'

type Props = { label: string; base: string; here: string; views: { path: string; name: string; mark?: string }[] }

/** The views of a station, as tabs that are links. */
export function Views({ label, base, here, views }: Props) {
  return (
    <nav
      aria-label={label}
      className="flex h-9 print:hidden shrink-0 items-stretch gap-1 overflow-x-auto border-line border-b px-3"
    >
      {views.map((one) => (
        <Link
          key={one.path}
          to={`${base}${one.path && `/${one.path}`}`}
          aria-current={one.path === here ? 'page' : undefined}
          className={`flex shrink-0 items-center gap-1 border-b-2 px-3 text-sm ${one.path === here ? 'border-ember font-semibold' : 'border-transparent text-muted hover:text-ink'}`}
        >
          {one.name}
          {one.mark && <span className="text-sodium">{one.mark}</span>}
        </Link>
      ))}
    </nav>
  )
}
