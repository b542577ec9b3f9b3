import { Plus, Trash2, Volume2, X } from 'lucide-react'
import type { Aircraft, Call, Program, SenseLook, SpokenCall } from '@/api/types'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { IconButton } from '@/parts/IconButton'
import { keyed } from '@/parts/keyed'
import { TextField } from '@/parts/TextField'
import { CalloutTiming } from '../CalloutTiming'
import { CheckResults } from '../CheckResults'
import { changeCall, removeCall } from '../edits'
import { MomentChoice } from '../MomentChoice'

const PLACES = [
  { id: '0', name: 'whole' },
  { id: '1', name: '0.1' },
  { id: '2', name: '0.01' },
  { id: '3', name: '0.001' },
]

type Token = Call['says'][number]
type Props = {
  call: Call
  spoken: SpokenCall
  look: SenseLook
  document: Program
  aircraft: Aircraft
  hear: (text: string, notes: SpokenCall['notes']) => void
}

/** A phrase as its pieces, each to be changed, and heard at once. */
export function PhraseRow({ call, spoken, look, document, aircraft, hear }: Props) {
  const put = (says: Token[]) => changeCall(call.id, (now) => ({ ...now, says }), `${call.name}: its words`)
  const swap = (at: number, to: Token) => put(call.says.map((one, index) => (index === at ? to : one)))
  return (
    <li data-phrase={call.id} className="rounded-xl border border-line bg-raised px-3 py-2">
      <div className="flex flex-wrap items-center gap-2">
        <div className="w-full min-w-0 md:w-56">
          <TextField
            label={`Name of ${call.id}`}
            value={call.name}
            onCommit={(name) => changeCall(call.id, (now) => ({ ...now, name }), `${name}: named`)}
          />
        </div>
        <span className="min-w-0 flex-1 text-muted text-sm">
          {spoken.alarm ? '▲ ' : '○ '}
          {spoken.when}
        </span>
        <span className="figures text-muted text-sm">{spoken.airtime} s</span>
        <IconButton icon={Volume2} label={`Hear ${call.name}`} onClick={() => hear(spoken.text, spoken.notes)} />
        <IconButton icon={Trash2} label={`Remove ${call.name}`} onClick={() => removeCall(call.id, call.name)} />
      </div>
      <p data-text className="break-words text-teal">
        “{spoken.text}”
      </p>
      {!spoken.alarm && (
        <div className="mt-1 grid grid-cols-[auto_1fr] items-center gap-2 text-muted text-sm md:grid-cols-[3rem_1fr_auto_5.5rem_auto_5.5rem]">
          <span>when</span>
          <MomentChoice
            label={`When ${call.name} is said`}
            value={call.when}
            words={spoken.when}
            document={document}
            aircraft={aircraft}
            onChange={(when) => when && changeCall(call.id, (now) => ({ ...now, when }), `${call.name}: when`)}
          />
          <CalloutTiming call={call} after="after" />
        </div>
      )}
      <div className="mt-1 flex flex-wrap items-center gap-1.5">
        {keyed(call.says, (token) => (typeof token === 'string' ? token : token.value)).map(
          ({ key, item: token, index }) => (
            <span key={key} className="flex items-center rounded-lg border border-line bg-deep pl-1">
              {typeof token === 'string' ? (
                <span className="w-40">
                  <TextField
                    label={`Words ${index + 1} of ${call.name}`}
                    value={token}
                    maxLength={80}
                    onCommit={(to) => swap(index, to)}
                  />
                </span>
              ) : (
                <span className="flex items-center gap-1">
                  <span className="w-36">
                    <Choice
                      label={`Value ${index + 1} of ${call.name}`}
                      value={token.value}
                      placeholder={`${token.value}?`}
                      options={look.values.map((one) => ({ id: one.id, name: one.name, group: one.from }))}
                      onChange={(value) => swap(index, { ...token, value })}
                    />
                  </span>
                  <span className="w-24">
                    <Choice
                      label={`Places ${index + 1} of ${call.name}`}
                      value={String(token.places ?? 0)}
                      options={PLACES}
                      onChange={(places) => swap(index, { ...token, places: Number(places) })}
                    />
                  </span>
                </span>
              )}
              <Button
                look="bare"
                className="px-1"
                aria-label={`Remove piece ${index + 1} of ${call.name}`}
                onClick={() => put(call.says.filter((_, other) => other !== index))}
              >
                <X size={14} aria-hidden />
              </Button>
            </span>
          ),
        )}
        <Button look="bare" aria-label={`Words for ${call.name}`} onClick={() => put([...call.says, 'and'])}>
          <Plus size={14} aria-hidden /> words
        </Button>
        {look.values[0] && (
          <Button
            look="bare"
            aria-label={`Value for ${call.name}`}
            onClick={() =>
              put([...call.says, { value: look.values[0]?.id ?? '', places: look.values[0]?.places ?? 0 }])
            }
          >
            <Plus size={14} aria-hidden /> value
          </Button>
        )}
      </div>
      <CheckResults checks={look.checks} about={`call:${call.id}`} />
    </li>
  )
}
