import type { FieldProps } from '@rjsf/utils'
import type { Definition, Stores } from '@/api/types'
import { Choice, type Option } from '@/parts/Choice'
import { Tick } from '@/parts/Tick'
import { inWords } from './templates'

/** What the form knows beside its value. */
export type Around = { stores: Stores | undefined; value: Definition }

const NONE = '–'

const around = (props: FieldProps) => props.registry.formContext as Around

const modesOf = ({ value }: Around): Option[] =>
  (Array.isArray(value.modes) ? (value.modes as { id?: string; name?: string }[]) : []).flatMap(({ id, name }) =>
    id ? [{ id, name: name ?? id }] : [],
  )

/** The links that transmitters speak, each once. */
const linksOf = ({ stores }: Around) =>
  new Map((stores?.links ?? []).flatMap((one) => one.links.map((link) => [link.id, link] as const)))

function Pick({ props, options, nothing }: { props: FieldProps; options: Option[]; nothing?: string }) {
  const { fieldPathId, name, formData, onChange } = props
  const value = typeof formData === 'string' ? formData : ''
  const known = options.some((one) => one.id === value) || value === ''
  return (
    <Choice
      id={fieldPathId.$id}
      label={inWords(name)}
      value={value === '' && nothing ? NONE : value}
      placeholder="Choose…"
      options={[
        ...(nothing ? [{ id: NONE, name: nothing }] : []),
        ...options,
        ...(known ? [] : [{ id: value, name: `${value} (not there)` }]),
      ]}
      onChange={(chosen) => onChange(chosen === NONE ? undefined : chosen, fieldPathId.path)}
    />
  )
}

/** A link that a transmitter speaks. */
export const PickLink = (props: FieldProps) => (
  <Pick props={props} options={[...linksOf(around(props)).values()].map(({ id, name }) => ({ id, name }))} />
)

/** A sub-type of the link that was chosen. */
export function PickSubtype(props: FieldProps) {
  const all = around(props)
  const link = linksOf(all).get(String(all.value.link ?? ''))
  return <Pick props={props} options={link?.subtypes ?? []} />
}

/** One of the modes above. */
export const PickMode = (props: FieldProps) => (
  <Pick props={props} options={modesOf(around(props))} {...(props.required ? {} : { nothing: 'No mode of its own' })} />
)

/** Modes in the order in which they win: as one ticks them. */
export function PickModes(props: FieldProps) {
  const { formData, fieldPathId, onChange } = props
  const chosen = (formData ?? []) as string[]
  return (
    <span className="flex flex-wrap gap-x-4">
      {modesOf(around(props)).map(({ id, name }) => {
        const place = chosen.indexOf(id)
        return (
          <Tick
            key={id}
            says={place < 0 ? name : `${place + 1}. ${name}`}
            on={place >= 0}
            onChange={(on) => onChange(on ? [...chosen, id] : chosen.filter((one) => one !== id), fieldPathId.path)}
          />
        )
      })}
    </span>
  )
}
