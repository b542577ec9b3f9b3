import { Archive, BookOpen, Keyboard, Moon, Search, Sun, Warehouse } from 'lucide-react'
import { Link, useLocation } from 'react-router'
import { useReadiness } from '@/api/queries'
import { useWorkbench } from '@/api/workbench'
import { PAGES } from '@/parts/places'
import { Tip } from '@/parts/Tip'
import { toggleTheme, useTheme } from '@/parts/theme'
import { overlays } from './overlays'
import { STATIONS, type StationState, stateOf } from './stations'

const PLACE =
  'relative flex min-h-13 flex-1 flex-col items-center justify-center gap-0.5 rounded-xl px-1 py-1.5 text-sm md:flex-none'

type Place = { to: string; name: string; icon: React.ElementType; says: string; state?: StationState }

function Item({ to, name, icon: Icon, says, state }: Place) {
  const { pathname } = useLocation()
  const here = pathname === to || (to !== '/' && pathname.startsWith(`${to}/`))
  return (
    <Tip says={state ? `${says} — ${state.word}` : says} side="right">
      <Link
        to={to}
        aria-current={here ? 'page' : undefined}
        className={`${PLACE} ${here ? 'bg-line font-semibold text-ink' : 'text-muted hover:bg-line/50'}`}
      >
        <span className="flex items-center gap-1">
          <Icon size={20} aria-hidden />
          {state && (
            <span aria-hidden className={`leading-none ${state.tone}`}>
              {state.shape}
            </span>
          )}
        </span>
        <span>
          {name}
          {state && <span className="sr-only">, {state.word}</span>}
        </span>
      </Link>
    </Tip>
  )
}

type SmallProps = { icon: React.ElementType; label: string; says: string; run: () => void }

function Small({ icon: Icon, label, says, run }: SmallProps) {
  return (
    <Tip says={says} side="right">
      <button
        type="button"
        aria-label={label}
        onClick={run}
        className="flex min-h-11 min-w-11 flex-1 items-center justify-center rounded-xl text-muted hover:bg-line/50 md:min-w-0"
      >
        <Icon size={18} aria-hidden />
      </button>
    </Tip>
  )
}

/** The stations in the order of the work; Hangar and Equipment stand apart. */
export function Rail() {
  const { aircraft } = useWorkbench('aircraft')
  const { data: readiness } = useReadiness(aircraft?.id ?? 0, aircraft?.revision ?? 0)
  const theme = useTheme()
  return (
    <nav
      aria-label="Stations"
      className="order-last flex print:hidden shrink-0 gap-1 border-line border-t bg-deep p-1 md:order-none md:w-22 md:flex-col md:border-t-0 md:border-r md:p-2"
    >
      <Item to={PAGES.hangar.path} name={PAGES.hangar.name} icon={Warehouse} says={PAGES.hangar.says} />
      {aircraft && (
        <>
          <hr className="my-1 hidden border-line md:block" />
          {STATIONS.map((station) => (
            <Item
              key={station.path}
              {...station}
              to={`/aircraft/${aircraft.id}/${station.path}`}
              state={stateOf(station.path, readiness)}
            />
          ))}
        </>
      )}
      <div className="hidden flex-1 md:block" />
      <div className={aircraft ? 'hidden md:block' : 'flex flex-1 md:block md:flex-none'}>
        <Item to={PAGES.logbook.path} name={PAGES.logbook.name} icon={BookOpen} says={PAGES.logbook.says} />
      </div>
      <div className={aircraft ? 'hidden md:block' : 'flex flex-1 md:block md:flex-none'}>
        <Item to={PAGES.equipment.path} name={PAGES.equipment.name} icon={Archive} says={PAGES.equipment.says} />
      </div>
      <div className={aircraft ? 'hidden md:flex' : 'flex flex-1 md:flex-none'}>
        <Small icon={Search} label="Find anything" says="Find anything: Ctrl K" run={overlays.openPalette} />
        <Small icon={Keyboard} label="Shortcuts" says="Shortcuts: ?" run={overlays.openShortcuts} />
      </div>
      <Tip says={theme === 'day' ? 'To the dusk theme' : 'To the daylight theme'} side="right">
        <button
          type="button"
          onClick={toggleTheme}
          className={`min-h-13 flex-1 flex-col items-center justify-center gap-0.5 rounded-xl text-muted text-sm hover:bg-line/50 md:flex md:flex-none ${aircraft ? 'hidden' : 'flex'}`}
        >
          {theme === 'day' ? <Moon size={20} aria-hidden /> : <Sun size={20} aria-hidden />}
          {theme === 'day' ? 'Dusk' : 'Day'}
        </button>
      </Tip>
    </nav>
  )
}
