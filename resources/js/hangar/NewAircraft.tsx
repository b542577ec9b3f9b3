import { useState } from 'react'
import { useNavigate } from 'react-router'
import { said } from '@/api/proposals'
import { useNewAircraft, useRecipes, useStores } from '@/api/queries'
import type { Setting, Stores } from '@/api/types'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { counts } from '@/parts/counting'
import { Dialog } from '@/parts/Dialog'
import { Field } from '@/parts/Field'

const NONE = 'none'

type Mode = Stores['usualStickMode']

/** Four questions, and the list of what is left to do. */
export function NewAircraft({ open, onClose }: { open: boolean; onClose: () => void }) {
  const stores = useStores()
  const recipes = useRecipes()
  const make = useNewAircraft()
  const navigate = useNavigate()
  const [name, setName] = useState('')
  const [family, setFamily] = useState('multirotor')
  const [transmitter, setTransmitter] = useState('')
  const [mode, setMode] = useState<Mode | null>(null)
  const [receiver, setReceiver] = useState(NONE)
  const [controller, setController] = useState(NONE)
  const [chosen, setChosen] = useState<Record<string, string>>({})
  const recipe = recipes.data?.recipes.find(
    (one) => one.id === stores.data?.families.find((it) => it.id === family)?.recipe,
  )
  const value = (setting: Setting) => chosen[setting.id] ?? String(setting.default)
  // What hangs on another answer is asked for only where it counts.
  const settings = recipe?.settings ?? []
  const school = settings.filter((one) => one.kind === 'choice' && counts(one, settings, value))
  const sender = transmitter || (stores.data?.transmitters[0]?.id ?? '')

  const stickMode = mode ?? stores.data?.usualStickMode ?? 2

  const submit = (event: React.FormEvent) => {
    event.preventDefault()
    make.mutate(
      {
        name: name.trim(),
        family,
        transmitter: sender,
        stickMode,
        ...(receiver === NONE ? {} : { receiver }),
        ...(controller === NONE ? {} : { controller }),
        settings: Object.fromEntries(school.map((one) => [one.id, value(one)])),
      },
      { onSuccess: (aircraft) => navigate(`/aircraft/${aircraft.id}/fly/ready`) },
    )
  }
  const none = (says: string) => ({ id: NONE, name: says })

  return (
    <Dialog
      open={open}
      title="New aircraft"
      says="Four questions; then a list leads on to the first flight. All of it can be changed later."
      onClose={onClose}
    >
      <form onSubmit={submit} className="grid gap-2">
        <Question number={1} asks="What flies?">
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
              onChange={(to) => {
                setFamily(to)
                setChosen({})
              }}
              options={(stores.data?.families ?? []).map(({ id, title }) => ({ id, name: title }))}
            />
          </Field>
        </Question>
        <Question number={2} asks="Which transmitter?">
          <Field label="Transmitter" htmlFor="new-transmitter">
            <Choice
              id="new-transmitter"
              label="Transmitter"
              value={sender}
              onChange={setTransmitter}
              options={(stores.data?.transmitters ?? []).map((one) => ({
                id: one.id,
                name: `${one.name}, ${one.channels} channels`,
              }))}
            />
          </Field>
          <Field label="Stick mode" htmlFor="new-mode">
            <Choice
              id="new-mode"
              label="Stick mode"
              value={String(stickMode)}
              onChange={(to) => setMode(Number(to) as Mode)}
              options={(stores.data?.stickModes ?? []).map((one) => ({ id: String(one.mode), name: one.says }))}
            />
          </Field>
        </Question>
        <Question number={3} asks="Which receiver and controller?">
          <Field label="Receiver" htmlFor="new-receiver">
            <Choice
              id="new-receiver"
              label="Receiver"
              value={receiver}
              onChange={setReceiver}
              options={[none('Not chosen yet'), ...(stores.data?.receivers ?? [])]}
            />
          </Field>
          <Field label="Controller" htmlFor="new-controller">
            <Choice
              id="new-controller"
              label="Controller"
              value={controller}
              onChange={setController}
              options={[none('None, or not chosen yet'), ...(stores.data?.controllers ?? [])]}
            />
          </Field>
        </Question>
        {school.length > 0 && (
          <Question number={4} asks="How is it set up?">
            {school.map((one) => (
              <Field key={one.id} label={one.name} htmlFor={`new-${one.id}`}>
                <Choice
                  id={`new-${one.id}`}
                  label={one.name}
                  value={value(one)}
                  onChange={(to) => setChosen((now) => ({ ...now, [one.id]: to }))}
                  options={one.options}
                />
              </Field>
            ))}
          </Question>
        )}
        {make.error && (
          <p role="alert" className="text-rose">
            ▲ {said(make.error)}
          </p>
        )}
        <div className="mt-2 flex gap-2">
          <Button type="submit" look="main" disabled={name.trim() === '' || sender === '' || make.isPending}>
            Create
          </Button>
          <Button onClick={onClose}>Cancel</Button>
        </div>
      </form>
    </Dialog>
  )
}

function Question({ number, asks, children }: { number: number; asks: string; children: React.ReactNode }) {
  return (
    <fieldset className="grid gap-1.5 border-line border-t pt-2">
      <legend className="pr-2 font-semibold text-sm">
        <span className="text-sodium">{number}</span> {asks}
      </legend>
      {children}
    </fieldset>
  )
}
