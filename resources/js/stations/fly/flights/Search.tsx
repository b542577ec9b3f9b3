import { LocateFixed } from 'lucide-react'
import { useEffect, useState } from 'react'
import { data, POST } from '@/api/client'
import { said } from '@/api/proposals'
import type { FlightPage, Recording } from '@/api/types'
import { Button } from '@/parts/Button'
import { percent } from '@/parts/words'
import { clock } from '@/recording/clock'
import { player } from '@/recording/player'
import { SearchMap } from './SearchMap'

type Area = NonNullable<FlightPage['search']>

/** Where it would lie, had it come down where nothing more was heard: the place, rings, and the way there. */
export function Search({ area, flight }: { area: Area | null; flight: Recording }) {
  if (!area) return <p className="mt-3 text-muted text-sm">◌ Nothing in this recording says where it was.</p>
  const place = `${area.latitude.toFixed(6)},${area.longitude.toFixed(6)}`
  return (
    <section aria-label="Where is it?" className="mt-3 text-sm">
      <h3 className="font-semibold">Last position</h3>
      <p className="text-muted">
        At{' '}
        <button
          type="button"
          className="underline max-md:min-h-11 max-md:min-w-11"
          onClick={() => player.seek(area.at)}
        >
          {clock(area.at)}
        </button>
        , {area.height ?? 'height unknown'}, {area.speed ?? 'speed unknown'}
        {area.course !== null && `, course ${area.course}°`}
        {area.unheard > 0 && `; heard for ${Math.round(area.unheard)} s more without a position`}.
      </p>
      <p>
        <a
          href={`geo:${place}`}
          className="figures inline-flex min-h-9 items-center text-base underline max-md:min-h-11"
        >
          {place.replace(',', ', ')}
        </a>
      </p>
      <Code text={`geo:${place}`} />
      <h3 className="mt-3 font-semibold">Where to search</h3>
      <p className="text-muted">
        Around{' '}
        <span className="figures">
          {area.middleLatitude.toFixed(6)}, {area.middleLongitude.toFixed(6)}
        </span>
        , by its height, speed and course then, and the wind where it is known.
      </p>
      <SearchMap area={area} flight={flight} />
      <ul>
        {area.rings.map((ring) => (
          <li key={ring.share}>
            {percent(ring.share)} of all ways down end within <span className="figures">{ring.says}</span>
          </li>
        ))}
        {area.falls !== null && (
          <li className="text-muted">
            At the farthest {area.falls} where it falls{area.glides !== null && `, ${area.glides} where it glides`}.
          </li>
        )}
      </ul>
      <Way to={{ latitude: area.latitude, longitude: area.longitude }} />
    </section>
  )
}

/** For the phone that goes searching. */
function Code({ text }: { text: string }) {
  const [drawn, setDrawn] = useState('')
  useEffect(() => {
    let here = true
    void import('qrcode').then(async ({ default: code }) => {
      const url = await code.toDataURL(text, { margin: 1, width: 160 })
      if (here) setDrawn(url)
    })
    return () => {
      here = false
    }
  }, [text])
  return drawn === '' ? null : <img src={drawn} alt={`Code of ${text}`} className="mt-1 size-40 rounded-lg" />
}

/** How far it is from here, typed or as the device knows it. */
function Way({ to }: { to: { latitude: number; longitude: number } }) {
  const [here, setHere] = useState('')
  const [way, setWay] = useState<string | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  const look = (text: string) => {
    const [latitude = Number.NaN, longitude = Number.NaN] = (text.match(/-?\d+(\.\d+)?/g) ?? []).map(Number)
    if (Number.isNaN(latitude) || Number.isNaN(longitude)) {
      setProblem('Write it as 54.1234, 8.3456.')
      return
    }
    data(POST('/api/way', { body: { from: { latitude, longitude }, to } })).then(
      (found) => {
        setProblem(null)
        setWay(`${found.says}, bearing ${found.bearing}°`)
      },
      (error) => setProblem(said(error)),
    )
  }
  const locate = () =>
    navigator.geolocation.getCurrentPosition(
      ({ coords }) => {
        const text = `${coords.latitude.toFixed(6)}, ${coords.longitude.toFixed(6)}`
        setHere(text)
        look(text)
      },
      () => setProblem('This device doesn’t tell where it is. Type it in.'),
    )
  return (
    <form
      className="mt-3"
      onSubmit={(event) => {
        event.preventDefault()
        look(here)
      }}
    >
      <label htmlFor="search-here" className="text-muted">
        You stand at
      </label>
      <span className="flex gap-2">
        <input
          id="search-here"
          value={here}
          placeholder="54.1234, 8.3456"
          onChange={(event) => setHere(event.target.value)}
          className="h-9 min-w-0 flex-1 rounded-lg border border-line bg-deep px-2.5 max-md:h-11"
        />
        <Button aria-label="Where this device is" onClick={locate}>
          <LocateFixed size={15} aria-hidden />
        </Button>
        <Button type="submit">How far?</Button>
      </span>
      {way && (
        <p role="status" data-way className="mt-1 font-semibold">
          {way}
        </p>
      )}
      {problem && (
        <p role="alert" className="mt-1 text-rose">
          ▲ {problem}
        </p>
      )}
    </form>
  )
}
