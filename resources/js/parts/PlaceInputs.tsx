import { INPUT, Labelled } from './Labelled'

type Place = { name: string; height: string }

/** What a place where one flies is called, and how high one may there. */
export function PlaceInputs({ place, onChange }: { place: Place; onChange: (place: Place) => void }) {
  return (
    <>
      <Labelled label="Name of the place">
        <input
          value={place.name}
          maxLength={60}
          onChange={(event) => onChange({ ...place, name: event.target.value })}
          className={`${INPUT} w-52`}
        />
      </Labelled>
      <Labelled label="Height limit, m">
        <input
          type="number"
          min={1}
          value={place.height}
          onChange={(event) => onChange({ ...place, height: event.target.value })}
          className={`${INPUT} w-32`}
        />
      </Labelled>
    </>
  )
}

/** The height as it is kept: nothing typed is no limit. */
export const heightOf = ({ height }: Place) => (height === '' ? null : Number(height))
