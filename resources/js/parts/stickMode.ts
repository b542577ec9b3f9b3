import type { Program } from '@/api/types'
import { workbench } from '@/api/workbench'

export type StickMode = NonNullable<Program['stickMode']>

/** Which stick moves which axis; everything else stays with its axis. */
export const chooseStickMode = (stickMode: StickMode) =>
  workbench.edit((document) => ({ ...document, stickMode }), `Stick mode ${stickMode}`)
