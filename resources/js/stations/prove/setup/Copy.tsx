import { useState } from 'react'
import { data, GET } from '@/api/client'
import { said } from '@/api/proposals'
import { useHangar } from '@/api/queries'
import type { Aircraft, Program } from '@/api/types'
import { Choice } from '@/parts/Choice'
import { changeAboard } from '../aboard'

/** Takes over how the same controller is set up in another aircraft. */
export function Copy({ aircraft, document }: { aircraft: Aircraft; document: Program }) {
  const hangar = useHangar()
  const [problem, setProblem] = useState<string | null>(null)
  const others = (hangar.data?.aircraft ?? []).filter((one) => one.id !== aircraft.id)
  const copy = async (id: number) => {
    try {
      const other = await data(GET('/api/aircraft/{id}', { params: { path: { id } } }))
      if (other.document.controller !== document.controller) {
        setProblem(`${other.name} has another controller; choose an aircraft with the same one`)
        return
      }
      setProblem(null)
      changeAboard((aboard) => {
        const { controller: _, ...rest } = aboard
        const controller = other.document.aboard?.controller
        return controller ? { ...rest, controller } : rest
      }, `Set-up copied from ${other.name}`)
    } catch (error) {
      setProblem(said(error))
    }
  }
  if (others.length === 0) return null
  return (
    <div className="w-60">
      <Choice
        label="Copy the set-up from"
        value=""
        placeholder="Copy from another aircraft…"
        options={others.map((one) => ({ id: String(one.id), name: one.name }))}
        onChange={(id) => void copy(Number(id))}
      />
      {problem && (
        <p role="alert" className="mt-1 text-rose text-sm">
          ▲ {problem}
        </p>
      )}
    </div>
  )
}
