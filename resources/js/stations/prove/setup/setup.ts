import type { Aboard, Proof } from '@/api/types'
import { changeAboard } from '../aboard'

export type Setup = NonNullable<Aboard['controller']>
export type Known = NonNullable<Proof['setup']>
export type Range = NonNullable<Setup['modes']>[number]
export type ArmRange = NonNullable<NonNullable<Setup['arming']>['ranges']>[number]

/** What is undefined is as the controller arrives. */
type Change = { [key in keyof Setup]?: Setup[key] | undefined }

/** Says something of the set-up. */
export function changeSetup(change: Change, note: string) {
  changeAboard((aboard) => {
    const said = Object.entries({ ...aboard.controller, ...change }).filter(([, value]) => value !== undefined)
    const controller = Object.fromEntries(said) as Setup
    const { controller: _, ...rest } = aboard
    return Object.keys(controller).length === 0 ? rest : { ...rest, controller }
  }, note)
}
