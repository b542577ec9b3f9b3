import { keyHere } from '@/api/connection'
import { useFlightChange, useLogbook, useTypedFlight } from '@/api/logbook'
import { said } from '@/api/proposals'
import { useHangar } from '@/api/queries'
import type { Aircraft, FlightChange, LogbookFlight } from '@/api/types'
import { usePacks } from '@/api/upkeep'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { Dialog } from '@/parts/Dialog'
import { INPUT } from '@/parts/Labelled'
import { TypedBefore } from '@/parts/TypedBefore'
import { forgetTyped, useKept } from '@/parts/useKept'
import { duration, here, secondsOf } from '@/parts/words'
import { airborne } from './airborne'

type Props = { aircraft: Aircraft | null; flight: LogbookFlight | null; onClose: () => void }

const NO_PACK = 'none'
const NO_AIRCRAFT = 'none'

/** Letters that a note may have. */
const NOTE = 2_000

/** What the pilot writes of a flight, typed in or recorded. */
export function FlightForm({ aircraft, flight, onClose }: Props) {
  const lasted = flight?.seconds == null ? '' : duration(flight.seconds)
  const key = flight ? `flight/${keyHere(flight.id)}` : `flight/of/${aircraft?.uuid ?? 'nobody'}`
  const start = {
    flownAt: flight?.flownAt?.slice(0, 16) ?? here(),
    minutes: lasted,
    site: flight?.site ?? '',
    pilot: flight?.pilot ?? '',
    pack: flight?.pack == null ? NO_PACK : String(flight.pack),
    charged: flight?.charged == null ? '' : String(flight.charged),
    weather: flight?.weather ?? '',
    note: flight?.note ?? '',
  }
  // A flight that is typed in begins at the time of now.
  const from = flight ? JSON.stringify(start) : ''
  const [form, setForm, isBack] = useKept(`${key}/form`, start, from)
  const flew = String((flight ? flight.aircraft : aircraft?.id) ?? NO_AIRCRAFT)
  const [owner, setOwner] = useKept(`${key}/owner`, flew)
  const close = () => {
    forgetTyped(key)
    onClose()
  }
  const hangar = useHangar().data?.aircraft ?? []
  const change = useFlightChange(flight?.id ?? 0)
  const typed = useTypedFlight()
  const packs = usePacks().data?.packs.filter((one) => one.retiredOn === null || one.id === flight?.pack) ?? []
  const known = useLogbook().data?.flights ?? []
  const saving = flight ? change : typed
  const recorded = flight !== null && flight.recording !== null
  const seconds = form.minutes.trim() === '' ? null : secondsOf(form.minutes)
  const isNoTime = Number.isNaN(seconds)
  const save = () => {
    if (isNoTime) return
    const body: FlightChange = {
      flownAt: form.flownAt === '' ? null : form.flownAt,
      site: form.site.trim(),
      pilot: form.pilot.trim(),
      weather: form.weather.trim(),
      note: form.note.trim(),
      pack: form.pack === NO_PACK ? null : Number(form.pack),
      charged: form.charged === '' ? null : Number(form.charged),
      ...(owner === flew ? {} : { aircraft: owner === NO_AIRCRAFT ? null : Number(owner) }),
      // What is shown is rounded: only what was written is sent.
      ...(recorded || form.minutes === lasted ? {} : { seconds }),
    }
    if (flight) change.mutate(body, { onSuccess: close })
    else typed.mutate({ ...body, aircraft: owner === NO_AIRCRAFT ? null : Number(owner) }, { onSuccess: close })
  }
  const field = (key: keyof typeof form, label: string, type = 'text', list?: string[]) => (
    <div key={key}>
      <label htmlFor={`flight-${key}`} className="block text-muted text-sm">
        {label}
      </label>
      <input
        id={`flight-${key}`}
        type={type}
        list={list ? `flight-${key}-known` : undefined}
        value={form[key]}
        min={type === 'number' ? 0 : undefined}
        step={type === 'number' ? 'any' : undefined}
        maxLength={type === 'text' ? 120 : undefined}
        onChange={(event) => setForm({ ...form, [key]: event.target.value })}
        className={`${INPUT} w-full`}
      />
      {list && (
        <datalist id={`flight-${key}-known`}>
          {[...new Set(list)].filter(Boolean).map((one) => (
            <option key={one} value={one} />
          ))}
        </datalist>
      )}
    </div>
  )
  return (
    <Dialog
      open
      title={flight ? 'Notes of this flight' : aircraft ? `A flight of ${aircraft.name}` : 'A flight'}
      onClose={onClose}
      foot={
        <>
          <Button onClick={close}>Cancel</Button>
          <Button look="main" disabled={saving.isPending} onClick={save}>
            Save
          </Button>
        </>
      }
    >
      {isBack && (
        <TypedBefore
          onAfresh={() => {
            setForm(start)
            setOwner(flew)
          }}
        />
      )}
      <div className="grid gap-3 sm:grid-cols-2">
        <div>
          <span className="block text-muted text-sm">Aircraft</span>
          <Choice
            label="Aircraft"
            value={owner}
            options={[
              { id: NO_AIRCRAFT, name: 'Not known' },
              ...(flew === NO_AIRCRAFT || hangar.some((one) => String(one.id) === flew)
                ? []
                : [{ id: flew, name: `${flight?.aircraftName}, deleted` }]),
              ...hangar.map((one) => ({ id: String(one.id), name: one.name })),
            ]}
            onChange={setOwner}
          />
        </div>
        {field('flownAt', recorded ? 'Date and time (UTC)' : 'Date and time', 'datetime-local')}
        {!recorded && field('minutes', airborne(aircraft).minutes)}
        {field(
          'site',
          'Place',
          'text',
          known.map((one) => one.site),
        )}
        {field(
          'pilot',
          'Pilot',
          'text',
          known.map((one) => one.pilot),
        )}
        <div>
          <span className="block text-muted text-sm">Pack</span>
          <Choice
            label="Pack"
            value={form.pack}
            options={[
              { id: NO_PACK, name: 'Not noted' },
              ...packs.map((one) => ({
                id: String(one.id),
                name: `${one.label}, ${one.cells} ${one.cells === 1 ? 'cell' : 'cells'}`,
              })),
            ]}
            onChange={(pack) => setForm({ ...form, pack })}
          />
        </div>
        {field('charged', 'Charged afterwards, mAh', 'number')}
        {field('weather', 'Weather')}
      </div>
      <label htmlFor="flight-note" className="mt-3 block text-muted text-sm">
        Note
      </label>
      <textarea
        id="flight-note"
        value={form.note}
        maxLength={NOTE}
        rows={3}
        onChange={(event) => setForm({ ...form, note: event.target.value })}
        className="w-full rounded-lg border border-line bg-deep p-2.5"
      />
      {isNoTime && (
        <p role="alert" className="mt-2 text-rose">
          ▲ “{form.minutes}” is no time: write minutes and seconds, as 2:03.
        </p>
      )}
      {saving.error && (
        <p role="alert" className="mt-2 text-rose">
          ▲ {said(saving.error)}
        </p>
      )}
    </Dialog>
  )
}
