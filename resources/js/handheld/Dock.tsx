import { ChevronDown, ChevronUp, RotateCcw } from 'lucide-react'
import { useState } from 'react'
import { hand } from '@/api/hand'
import { useLost } from '@/api/live'
import type { Aircraft, Axis, Control } from '@/api/types'
import { Button } from '@/parts/Button'
import { keep } from '@/parts/keep'
import { capital, percent } from '@/parts/words'
import { Caption, EarButton } from './EarButton'
import { Fader } from './Fader'
import { Gimbal } from './Gimbal'
import { useGamepad } from './gamepad'
import { Knob } from './Knob'
import { Push } from './Push'
import { PhaseName, Readout } from './Readout'
import { StickModeMenu } from './StickModeMenu'
import { SwitchLever } from './SwitchLever'
import { TrimBar } from './TrimBar'
import { TwoControls } from './TwoControls'
import { useAxisValue } from './values'

const KEY = 'dusk.dock'
const AXES: Axis[] = ['throttle', 'yaw', 'pitch', 'roll']

/** The pilot's own transmitter along the bottom of every screen. */
export function Dock({ aircraft }: { aircraft: Aircraft }) {
  const narrow = window.matchMedia('(max-width: 767px)').matches
  const [open, setOpen] = useState(() => (keep.get(KEY) ?? (narrow ? 'folded' : 'open')) === 'open')
  const lost = useLost()
  useGamepad(aircraft.sticks)

  const transmitter = aircraft.transmitterDefinition
  const { sticks } = aircraft
  const fold = () => {
    keep.set(KEY, open ? 'folded' : 'open')
    setOpen(!open)
  }

  return (
    <section
      aria-label={`Handheld: ${transmitter.name}`}
      data-dock
      className="shrink-0 border-line border-t bg-raised print:hidden"
    >
      <div className="flex h-9 items-center gap-3 px-3">
        <strong className="shrink-0 text-sm">{transmitter.name}</strong>
        <p className="figures hidden min-w-0 flex-1 truncate text-muted text-sm sm:block">
          {AXES.map((axis) => (
            <AxisText key={axis} axis={axis} />
          ))}
        </p>
        <p className="min-w-0 flex-1 truncate text-sm sm:hidden">
          <Caption otherwise={<PhaseName aircraft={aircraft} />} />
        </p>
        <span className="max-md:hidden">
          <EarButton />
        </span>
        <StickModeMenu mode={aircraft.document.stickMode ?? 2} />
        <TrimBar transmitter={transmitter} />
        {lost && !open && <span className="text-rose text-sm">▲ No answer</span>}
        <Button look="bare" className="min-h-8" onClick={hand.rest}>
          <RotateCcw size={15} aria-hidden /> <span className="whitespace-nowrap max-sm:sr-only">All at rest</span>
        </Button>
        <Button look="bare" className="min-h-8" onClick={fold} aria-expanded={open}>
          {open ? <ChevronDown size={16} aria-hidden /> : <ChevronUp size={16} aria-hidden />}
          <span className="max-sm:sr-only">{open ? 'Fold' : 'Unfold'}</span>
        </Button>
      </div>
      {!open && <TwoControls aircraft={aircraft} />}
      {open && (
        <div className="relative flex max-h-[45vh] flex-wrap items-end justify-center gap-4 overflow-auto px-2 pb-2 md:block md:h-40 md:max-h-none md:overflow-visible">
          <Placed at={transmitter.gimbals.left}>
            <Gimbal side="left" across={sticks['left-x']} up={sticks['left-y']} trimClicks={transmitter.trimClicks} />
          </Placed>
          <div className="-translate-x-1/2 absolute inset-y-0 left-1/2 hidden w-44 pb-2 md:block">
            <Readout aircraft={aircraft} lost={lost} />
          </div>
          <Placed at={transmitter.gimbals.right}>
            <Gimbal
              side="right"
              across={sticks['right-x']}
              up={sticks['right-y']}
              trimClicks={transmitter.trimClicks}
            />
          </Placed>
          {transmitter.controls.map((control) => (
            <Placed key={control.id} at={control.place}>
              <One control={control} />
            </Placed>
          ))}
        </div>
      )}
    </section>
  )
}

function Placed({ at, children }: { at: [number, number]; children: React.ReactNode }) {
  return (
    <div
      className="md:-translate-x-1/2 md:-translate-y-1/2 md:absolute"
      // What sits at an edge stays on the dock with its whole name.
      style={{ left: `clamp(3.25rem, ${at[0]}%, 100% - 3.25rem)`, top: `calc(${at[1]}% - 4px)` }}
    >
      {children}
    </div>
  )
}

function AxisText({ axis }: { axis: Axis }) {
  return (
    <span className="whitespace-pre after:content-['__·__'] last:after:content-none">{`${capital(axis)} ${percent(useAxisValue(axis))}`}</span>
  )
}

function One({ control }: { control: Control }) {
  if (control.kind === 'switch') return <SwitchLever control={control} />
  if (control.kind === 'button') return <Push control={control} />
  return control.kind === 'dial' ? <Knob control={control} /> : <Fader control={control} />
}
