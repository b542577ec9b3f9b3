import { useState } from 'react'
import { useNavigate } from 'react-router'
import { useNewAircraft, useStores } from '@/api/queries'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { Dialog } from '@/parts/Dialog'
import { Field } from '@/parts/Field'

/** A first program from the family and the transmitter. */
export function NewAircraft({ open, onClose }: { open: boolean; onClose: () => void }) {
  const stores = useStores()
  const make = useNewAircraft()
  const navigate = useNavigate()
  const [name, setName] = useState('')
  const [family, setFamily] = useState('multirotor')
  const [transmitter, setTransmitter] = useState('harbour-16')

  const submit = (event: React.FormEvent) => {
    event.preventDefault()
    make.mutate(
      { name: name.trim(), family, transmitter },
      { onSuccess: (aircraft) => navigate(`/aircraft/${aircraft.id}/wire`) },
    )
  }

  return (
    <Dialog
      open={open}
      title="New aircraft"
      says="It starts with sticks, a switch that stops the motor, and what the family usually switches. Program it before you power the aircraft the first time."
      onClose={onClose}
    >
      <form onSubmit={submit} className="grid gap-2">
        <Field label="Name" htmlFor="new-name">
          <input
            id="new-name"
            value={name}
            maxLength={60}
            required
            onChange={(event) => setName(event.target.value)}
            className="h-9 w-full rounded-lg border border-line bg-deep px-2.5"
          />
        </Field>
        <Field label="Family" htmlFor="new-family">
          <Choice
            id="new-family"
            label="Family"
            value={family}
            onChange={setFamily}
            options={(stores.data?.families ?? []).map(({ id, title }) => ({ id, name: title }))}
          />
        </Field>
        <Field label="Transmitter" htmlFor="new-transmitter">
          <Choice
            id="new-transmitter"
            label="Transmitter"
            value={transmitter}
            onChange={setTransmitter}
            options={(stores.data?.transmitters ?? []).map((one) => ({
              id: one.id,
              name: `${one.name}, ${one.channels} channels`,
            }))}
          />
        </Field>
        {make.error && (
          <p role="alert" className="text-rose">
            ▲ {make.error.message}
          </p>
        )}
        <div className="mt-2 flex gap-2">
          <Button type="submit" look="main" disabled={name.trim() === '' || make.isPending}>
            Make it
          </Button>
          <Button onClick={onClose}>Not now</Button>
        </div>
      </form>
    </Dialog>
  )
}
