import type { ComponentType } from 'react'
import type { Aircraft, Program } from '@/api/types'
import type { ViewOf } from '@/parts/places'
import { BindingView } from './binding/BindingView'
import { EquipmentView } from './equipment/EquipmentView'

export type View = { aircraft: Aircraft; document: Program }

/** What each view of Kit shows. */
export const VIEWS: Record<ViewOf<'kit'>, ComponentType<View>> = { equipment: EquipmentView, binding: BindingView }
