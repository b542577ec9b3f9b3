import { useState } from 'react'
import type { Binding } from '@/api/types'
import { Button } from '@/parts/Button'
import { Choice } from '@/parts/Choice'

const NONE = 'none'
const SURPRISE = 'surprise'

/** What is wrong with the receiver to practise on: chosen, or found out. */
export function Trouble({
  all,
  has,
  give,
}: {
  all: Binding['troubles']
  has: string | undefined
  give: (id: string | undefined) => void
}) {
  const [hidden, setHidden] = useState(false)
  const now = all.find((one) => one.id === has)
  const choose = (id: string) => {
    setHidden(id === SURPRISE)
    if (id === SURPRISE) give(all[Math.floor(Math.random() * all.length)]?.id)
    else give(id === NONE ? undefined : id)
  }
  return (
    <div className="mt-2">
      <Choice
        label="Fault"
        value={hidden ? SURPRISE : (has ?? NONE)}
        options={[
          { id: NONE, name: 'No fault' },
          { id: SURPRISE, name: 'A fault for you to find' },
          ...all.map((one) => ({ id: one.id, name: one.says })),
        ]}
        onChange={choose}
      />
      {hidden && (
        <Button look="bare" className="mt-1" onClick={() => setHidden(false)}>
          Show the fault
        </Button>
      )}
      {now && !hidden && (
        <p data-trouble={now.id} className="mt-1 text-sm">
          <span className="text-sodium">▲ {now.shows}</span> {now.cure}
        </p>
      )}
    </div>
  )
}
