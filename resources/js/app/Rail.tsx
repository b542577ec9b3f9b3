import { Archive, Moon, Sun, Warehouse } from 'lucide-react'
import { Link, useLocation } from 'react-router'
import { useProof } from '@/api/proof'
import { useWorkbench } from '@/api/workbench'
import { Tip } from '@/parts/Tip'
import { STATIONS, type StationState, stateOf } from './stations'
import { toggleTheme, useTheme } from './theme'

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
        <Icon size={20} aria-hidden />
        <span className="flex items-center gap-1">
          {name}
          {state && (
            <span className={state.tone}>
              <span aria-hidden>{state.shape}</span>
              <span className="sr-only">, {state.word}</span>
            </span>
          )}
        </span>
      </Link>
    </Tip>
  )
}

/** The stations in the order of the work; Hangar and Stores stand apart. */
export function Rail() {
  const { aircraft } = useWorkbench()
  const { proof } = useProof()
  const theme = useTheme()
  return (
    <nav
      aria-label="Stations"
      className="order-last flex print:hidden shrink-0 gap-1 border-line border-t bg-deep p-1 md:order-none md:w-20 md:flex-col md:border-t-0 md:border-r md:p-2"
    >
      <Item to="/" name="Hangar" icon={Warehouse} says="All aircraft" />
      {aircraft && (
        <>
          <hr className="my-1 hidden border-line md:block" />
          {STATIONS.map((station) => (
            <Item
              key={station.path}
              {...station}
              to={`/aircraft/${aircraft.id}/${station.path}`}
              state={stateOf(station.path, aircraft, proof)}
            />
          ))}
        </>
      )}
      <div className="hidden flex-1 md:block" />
      <div className={aircraft ? 'hidden md:block' : 'flex flex-1 md:block md:flex-none'}>
        <Item to="/stores" name="Stores" icon={Archive} says="Transmitters and what else there is" />
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
