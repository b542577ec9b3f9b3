import { ChevronDown } from 'lucide-react'
import { DropdownMenu } from 'radix-ui'
import { useEffect } from 'react'
import { Link, useParams } from 'react-router'
import { Help } from './Help'
import { menu, menuItem } from './Menu'
import { type AnyView, PLACES, type Place, type StationId, type ViewOf } from './places'
import { date } from './words'

/** The view that is open of those of a station: the first where the address names none. */
export function useView<Station extends StationId>(station: Station, without: string[] = []): Place<ViewOf<Station>> {
  const { view } = useParams()
  const views = (PLACES[station].views as Place<ViewOf<Station>>[]).filter((one) => !without.includes(one.path))
  return views.find((one) => one.path === view) ?? (views[0] as Place<ViewOf<Station>>)
}

type Props = {
  station: StationId
  aircraft: { id: number; name: string; revision: number }
  here: Place<AnyView>
  /** Those that this aircraft has no use for. */
  without?: string[]
  marks?: Record<string, string | undefined>
}

/** The views of a station as tabs that are links, and what the open one is for. */
export function Views({ station, aircraft, here, without = [], marks = {} }: Props) {
  const { name, views } = PLACES[station]
  useEffect(() => {
    document.title = `${here.name} · ${aircraft.name} · Dusk Switch`
  }, [here.name, aircraft.name])
  const shown = views.filter((one) => !without.includes(one.path))
  const to = (view: Place) => `/aircraft/${aircraft.id}/${station}/${view.path}`
  const mark = (view: Place) => marks[view.path] && <span className="text-sodium">{marks[view.path]}</span>
  return (
    <div className="flex shrink-0 items-stretch border-line border-b pr-2 print:block">
      <h2 className="sr-only print:not-sr-only print:font-semibold">{here.name}</h2>
      <p className="hidden print:block">
        {aircraft.name}, revision {aircraft.revision}, printed on {date(new Date())}
      </p>
      <nav
        aria-label={`Views of ${name}`}
        className="hidden h-9 min-w-0 flex-1 items-stretch gap-1 px-3 md:flex print:hidden"
      >
        {shown.map((one) => (
          <Link
            key={one.path}
            to={to(one)}
            title={one.says}
            aria-current={one.path === here.path ? 'page' : undefined}
            className={`flex shrink-0 items-center gap-1 border-b-2 px-3 text-sm ${one.path === here.path ? 'border-ember font-semibold' : 'border-transparent text-muted hover:text-ink'}`}
          >
            {one.name}
            {mark(one)}
          </Link>
        ))}
      </nav>
      <DropdownMenu.Root>
        <DropdownMenu.Trigger className="flex h-11 min-w-0 flex-1 items-center gap-1.5 px-4 font-semibold md:hidden print:hidden">
          <span className="sr-only">Views of {name}: </span>
          <span className="truncate">{here.name}</span> {mark(here)} <ChevronDown size={18} aria-hidden />
        </DropdownMenu.Trigger>
        <DropdownMenu.Portal>
          <DropdownMenu.Content align="start" className={menu}>
            {shown.map((one) => (
              <DropdownMenu.Item key={one.path} asChild>
                <Link to={to(one)} className={`${menuItem} min-h-11 ${one.path === here.path ? 'font-semibold' : ''}`}>
                  {one.name} {mark(one)}
                </Link>
              </DropdownMenu.Item>
            ))}
          </DropdownMenu.Content>
        </DropdownMenu.Portal>
      </DropdownMenu.Root>
      <p
        data-purpose
        className="hidden min-w-0 max-w-[45%] self-center truncate pl-3 text-muted text-sm xl:block print:hidden"
        title={here.says}
      >
        {here.says}
      </p>
      <div className="flex print:hidden">
        <Help here={here} />
      </div>
    </div>
  )
}
