import type { MergedEdits } from '@/api/types'
import { Segments } from '@/parts/Segments'

type Part = MergedEdits['parts'][number]
type Side = NonNullable<Part['taken']>
type Props = { edits: MergedEdits; onChoose: (path: string, side: Side) => void }

/** What differs between two edits, part by part, with whose is taken. */
export function EditedParts({ edits, onChoose }: Props) {
  const both = edits.parts.filter((part) => part.changed.length > 1)
  const one = edits.parts.filter((part) => part.changed.length === 1)
  return (
    <>
      {both.length > 0 && <Group title="Both changed these: choose" parts={both} onChoose={onChoose} />}
      {one.length > 0 && <Group title="Only one changed these" parts={one} onChoose={onChoose} />}
    </>
  )
}

function Group({ title, parts, onChoose }: { title: string; parts: Part[]; onChoose: Props['onChoose'] }) {
  return (
    <section className="mt-4 first:mt-0">
      <h3 className="font-semibold">{title}</h3>
      <ul className="mt-1 divide-y divide-line border-line border-y">
        {parts.map((part) => (
          <PartRow key={part.path} part={part} onChoose={(side) => onChoose(part.path, side)} />
        ))}
      </ul>
    </section>
  )
}

function PartRow({ part, onChoose }: { part: Part; onChoose: (side: Side) => void }) {
  return (
    <li data-part={part.path} className="grid gap-x-4 gap-y-1 py-2 md:grid-cols-[minmax(0,1fr)_auto]">
      <div className="min-w-0">
        <p className="break-words">
          {part.taken === null && <span className="text-sodium">▲ </span>}
          {part.title}
        </p>
        <dl className="mt-0.5 grid grid-cols-[auto_minmax(0,1fr)] gap-x-3 text-sm">
          {part.mine.length > 0 && <Said who="Mine" says={part.mine} />}
          {part.theirs.length > 0 && <Said who="The other" says={part.theirs} />}
        </dl>
      </div>
      <div className="self-start">
        <Segments
          label={`Whose is kept: ${part.title}`}
          value={part.taken ?? ''}
          options={sides(part)}
          onChange={(side) => onChoose(side as Side)}
        />
      </div>
    </li>
  )
}

/** Where only one changed something, the other's is as it was. */
function sides({ changed, joins }: Part): { id: Side; name: string }[] {
  if (changed.length === 1) {
    const [who, other]: [Side, Side] = changed[0] === 'mine' ? ['mine', 'theirs'] : ['theirs', 'mine']
    return [
      { id: who, name: 'Take' },
      { id: other, name: 'Leave out' },
    ]
  }
  return [
    { id: 'mine', name: 'Mine' },
    { id: 'theirs', name: 'The other' },
    ...(joins ? [{ id: 'both' as const, name: 'Both' }] : []),
  ]
}

function Said({ who, says }: { who: string; says: string[] }) {
  return (
    <>
      <dt className="text-muted">{who}</dt>
      <dd className="min-w-0 break-words">
        {says.map((one) => (
          <p key={one}>{one}</p>
        ))}
      </dd>
    </>
  )
}
