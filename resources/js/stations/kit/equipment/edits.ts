import type { Aboard, Program } from '@/api/types'
import { workbench } from '@/api/workbench'

type Choice = NonNullable<Aboard['kit']>

/** Edits of what is on the bench. What fits together is judged by the core. */
export function changeKit(change: Partial<Choice>, note: string) {
  workbench.edit((document) => {
    const aboard = document.aboard ?? {}
    return { ...document, aboard: { ...aboard, kit: { ...aboard.kit, ...change } } }
  }, note)
}

/** The kit without one of its values. */
export function without(key: 'memory' | 'match', note: string) {
  workbench.edit((document) => {
    const { [key]: _was, ...kit } = document.aboard?.kit ?? {}
    return { ...document, aboard: { ...document.aboard, kit } }
  }, note)
}

export function choose(part: 'receiver' | 'controller', id: string | null, name: string) {
  workbench.edit(
    (document) => {
      const { [part]: _was, ...rest } = document
      return (id === null ? rest : { ...rest, [part]: id }) as Program
    },
    `${part === 'receiver' ? 'Receiver' : 'Controller'}: ${name}`,
  )
}

export function givePort(ports: NonNullable<Choice['ports']>, port: string, owner: string) {
  const others = ports.filter((one) => one.port !== port)
  changeKit(
    { ports: owner === '' ? others : [...others, { port, owner }] },
    owner === '' ? `Port ${port} is free` : `Port ${port}: ${owner}`,
  )
}
