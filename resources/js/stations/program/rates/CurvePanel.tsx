import { Copy, FlipHorizontal2, FlipVertical2, Minus, Plus } from 'lucide-react'
import { Switch } from 'radix-ui'
import { useState } from 'react'
import { edit, propose } from '@/api/proposals'
import { useRecipes } from '@/api/queries'
import type { Aircraft, Curve, Program, ProportionalFunction } from '@/api/types'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'
import { FARTHEST } from '@/parts/limits'
import { NumberField } from '@/parts/NumberField'
import { Tip } from '@/parts/Tip'
import { tell } from '@/parts/toast'
import { CurveEditor } from './CurveEditor'
import { changeCurve, newCurve } from './curves'
import type { Place } from './places'

type Props = {
  /** Where the curve is used, as it is saved. */
  users: Aircraft['curveUsers'][string]
  document: Program
  fn: ProportionalFunction
  place: Place
  id: string
  curve: Curve
  line: [number, number][]
}

/** A curve with its points, and what one does with it as a whole. */
export function CurvePanel({ users, document, fn, place: where, id, curve, line }: Props) {
  const [at, setAt] = useState(0)
  const recipes = useRecipes()
  const chosen = Math.min(at, curve.points.length - 1)
  const point = curve.points[chosen] ?? [0, 0]
  const ends = chosen === 0 || chosen === curve.points.length - 1
  const others = users
    .filter((one) => one.function !== fn.id || one.phase !== where.phase || one.rate !== where.rate)
    .map((one) => one.says)
  const whole = (what: string, note: string) =>
    void edit((now) => propose.curve(now, id, what), `Curve ${id}: ${note}`).then((answer) => {
      if ('problem' in answer) tell(answer.problem, { kind: 'problem' })
    })
  const place = (index: 0 | 1, value: number) =>
    changeCurve(
      id,
      {
        points: curve.points.map((one, to) =>
          to === chosen ? (index === 0 ? [value, one[1] ?? 0] : [one[0] ?? 0, value]) : one,
        ),
      },
      `Curve ${id}: point ${chosen + 1}`,
    )
  const tools = [
    {
      name: 'Point',
      says: 'Add a point',
      icon: Plus,
      off: curve.points.length >= 17,
      run: () => whole('add-point', 'a point more'),
    },
    {
      name: 'Point',
      says: 'Remove the point',
      icon: Minus,
      off: ends,
      run: () => {
        changeCurve(id, { points: curve.points.filter((_, index) => index !== chosen) }, `Curve ${id}: a point less`)
        setAt(chosen - 1)
      },
    },
    {
      name: '',
      says: 'Mirror: the other end first',
      icon: FlipHorizontal2,
      off: false,
      run: () => whole('mirror', 'mirrored'),
    },
    {
      name: '',
      says: 'Turn upside down',
      icon: FlipVertical2,
      off: false,
      run: () => whole('turn', 'upside down'),
    },
    {
      name: 'Copy',
      says: 'A copy for this place alone',
      icon: Copy,
      off: false,
      run: () => newCurve(document, fn, where, curve, `${id}-copy`.slice(0, 36)),
    },
  ]
  return (
    <section
      aria-label={`Curve ${id}`}
      className="flex min-h-0 min-w-64 flex-col gap-1.5 md:max-xl:h-96 md:max-xl:shrink-0 xl:flex-1"
    >
      <div className="flex h-7 items-center gap-1">
        <h3 className="mr-auto truncate text-sm">
          <span className="text-muted">Curve</span> {id}
        </h3>
        <label htmlFor="curve-smooth" className="text-muted text-sm">
          Smooth
        </label>
        <Switch.Root
          id="curve-smooth"
          checked={curve.smooth ?? false}
          onCheckedChange={(smooth) => changeCurve(id, { smooth }, `Curve ${id}: ${smooth ? 'smooth' : 'straight'}`)}
          className="h-6 w-11 rounded-full border border-edge bg-deep p-0.5 data-[state=checked]:bg-ember"
        >
          <Switch.Thumb className="block size-4.5 rounded-full bg-ink transition-transform data-[state=checked]:translate-x-5" />
        </Switch.Root>
      </div>
      <CurveEditor id={id} curve={curve} line={line} chosen={chosen} choose={setAt} />
      {others.length > 0 && (
        <p className="text-sm text-sodium">▲ Also used by {others.join('; ')}: it changes there too.</p>
      )}
      <div className="flex items-end gap-1.5">
        <div className="w-24">
          <span aria-hidden className="text-muted text-sm">
            Point {chosen + 1}: stick
          </span>
          {ends ? (
            <p className="figures flex h-9 items-center justify-end px-2.5">{chosen === 0 ? '−100' : '100'} %</p>
          ) : (
            <NumberField
              label="Stick of the point"
              value={point[0] ?? 0}
              least={-1}
              most={1}
              onChange={(value) => place(0, value)}
            />
          )}
        </div>
        <div className="w-24">
          <span aria-hidden className="text-muted text-sm">
            value
          </span>
          <NumberField
            label="Value of the point"
            value={point[1] ?? 0}
            least={-FARTHEST}
            most={FARTHEST}
            onChange={(value) => place(1, value)}
          />
        </div>
        <div className="min-w-0 flex-1">
          <Choice
            label="Begin with another curve"
            value=""
            placeholder="Begin with…"
            options={Object.keys(recipes.data?.curves ?? {}).map((name) => ({ id: name, name }))}
            onChange={(name) => whole(name, name)}
          />
        </div>
      </div>
      <div className="flex gap-1">
        {tools.map(({ name, says, icon: Icon, off, run }) => (
          <Tip key={says} says={says} side="top">
            <Button className="min-h-8 flex-1 px-1.5" aria-label={says} disabled={off} onClick={run}>
              <Icon size={15} aria-hidden /> {name}
            </Button>
          </Tip>
        ))}
      </div>
    </section>
  )
}
