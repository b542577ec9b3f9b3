import type { Aircraft, Control, PilotFunction } from '@/api/types'
import type { Option } from '@/parts/Choice'
import { capital } from '@/parts/words'

export const NOTHING = 'nothing'

/** Everything that a function can be put on, as the choices of a list. */
export function driveOptions(aircraft: Aircraft, stepped: boolean): Option[] {
  const controls = aircraft.transmitterDefinition.controls
  const kinds: [Control['kind'], string][] = [
    ['switch', 'Switches'],
    ['button', 'Buttons'],
    ['dial', 'Dials'],
    ['slider', 'Sliders'],
  ]
  return [
    { id: NOTHING, name: 'Nothing' },
    ...(stepped
      ? []
      : Object.values(aircraft.sticks).map((axis) => ({
          id: `axis:${axis}`,
          name: `${capital(axis)} stick`,
          group: 'Sticks',
        }))),
    ...kinds.flatMap(([kind, group]) =>
      controls.filter((one) => one.kind === kind).map((one) => ({ id: `control:${one.id}`, name: one.name, group })),
    ),
  ]
}

/** What a function is on, or `cases` where conditions choose. */
export function driveOf(fn: PilotFunction): string {
  if (!fn.drive) return NOTHING
  if ('axis' in fn.drive) return `axis:${fn.drive.axis}`
  return 'control' in fn.drive ? `control:${fn.drive.control}` : 'cases'
}
