import { useRef, useState } from 'react'
import { said } from '@/api/proposals'
import { useFieldChange, useFields } from '@/api/upkeep'
import { Button } from '@/parts/Button'
import { heightOf, PlaceInputs } from '@/parts/PlaceInputs'
import { useKept } from '@/parts/useKept'

/** The places where one flies: an outline and a height that aren't left. Local rules decide where they lie. */
export function FieldList() {
  const { data, error } = useFields()
  const { keep, remove } = useFieldChange()
  const [place, setPlace] = useKept('field', { name: '', height: '' })
  const [outline, setOutline] = useState<{ file: string; text: string } | null>(null)
  const file = useRef<HTMLInputElement>(null)
  if (error) return <p className="text-rose">▲ {said(error)}</p>
  if (!data) return <p className="text-muted">◌ Opening…</p>
  return (
    <div className="mx-auto max-w-3xl">
      <p className="text-muted text-sm">
        A flight is held against the limits of the place that its notes name, else of the one where it began. Local
        rules and your club’s rules come first. Draw an outline and a runway over a flight, in its Track, or bring them
        as a file.
      </p>
      <form
        className="mt-2 flex flex-wrap items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault()
          keep.mutate(
            {
              name: place.name.trim(),
              height: heightOf(place),
              ...(outline ? { outline: outline.text } : {}),
            },
            {
              onSuccess: () => {
                setPlace({ name: '', height: '' })
                setOutline(null)
              },
            },
          )
        }}
      >
        <PlaceInputs place={place} onChange={setPlace} />
        <Button onClick={() => file.current?.click()}>{outline ? outline.file : 'Outline from GeoJSON or KML…'}</Button>
        <input
          ref={file}
          type="file"
          aria-label="An outline"
          accept=".json,.geojson,.kml"
          className="sr-only"
          tabIndex={-1}
          onChange={async (event) => {
            const picked = event.target.files?.[0]
            event.target.value = ''
            if (picked) setOutline({ file: picked.name, text: await picked.text() })
          }}
        />
        <Button type="submit" look="main" disabled={place.name.trim() === '' || keep.isPending}>
          Keep
        </Button>
      </form>
      {keep.error && (
        <p role="alert" className="mt-1 text-rose">
          ▲ {said(keep.error)}
        </p>
      )}
      <ul className="mt-3 grid gap-2">
        {data.fields.map((one) => (
          <li
            key={one.id}
            data-field={one.name}
            className="flex items-center gap-4 rounded-xl border border-line bg-raised px-3 py-2"
          >
            <Shape corners={one.shape} />
            <div className="min-w-0 flex-1">
              <h2 className="font-semibold">{one.name}</h2>
              <p className="text-muted text-sm">
                {one.corners === 0 ? 'no outline' : `an outline of ${one.corners} corners`},{' '}
                {one.runway === null ? '' : `a runway of ${one.runway}, `}
                {one.height === null ? 'no height limit' : `up to ${one.height} m`}
              </p>
            </div>
            {(one.corners > 0 || one.runway !== null) && (
              <a
                href={`/api/fields/${one.id}.geojson`}
                download
                aria-label={`${one.name} as GeoJSON`}
                className="inline-flex min-h-9 items-center underline max-md:min-h-11 max-md:min-w-11"
              >
                GeoJSON
              </a>
            )}
            <Button look="bare" onClick={() => remove.mutate(one.id)}>
              Remove
            </Button>
          </li>
        ))}
      </ul>
    </div>
  )
}

/** The outline as it lies, north up: its corners in metres east and north. */
function Shape({ corners }: { corners: number[][] }) {
  if (corners.length < 3) return <span aria-hidden className="size-12 rounded border border-line" />
  const [easts, norths] = [corners.map(([east = 0]) => east), corners.map(([, north = 0]) => north)]
  const [west, south] = [Math.min(...easts), Math.min(...norths)]
  const size = Math.max(Math.max(...norths) - south, Math.max(...easts) - west) || 1
  const points = corners.map(
    ([east = 0, north = 0]) => `${4 + ((east - west) / size) * 40},${44 - ((north - south) / size) * 40}`,
  )
  return (
    <svg viewBox="0 0 48 48" aria-hidden className="size-12 shrink-0">
      <polygon points={points.join(' ')} className="fill-teal/20 stroke-teal" />
    </svg>
  )
}
