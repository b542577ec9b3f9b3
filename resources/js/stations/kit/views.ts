import type { ComponentType } from 'react'
import type { Aircraft, Program } from '@/api/types'
import { BenchView } from './bench/BenchView'
import { BindingView } from './binding/BindingView'

export type View = { aircraft: Aircraft; document: Program }

/** The views of Kit. */
export const VIEWS: { path: string; name: string; view: ComponentType<View> }[] = [
  { path: '', name: 'On the bench', view: BenchView },
  { path: 'binding', name: 'Binding', view: BindingView },
]
