import { useEffect, useState } from 'react'
import { data, POST } from '@/api/client'
import { hand } from '@/api/hand'
import type { Inputs, Program } from '@/api/types'

type Loss = { after: number; lost: boolean; pulses: Record<string, number | null> }

const EVERY_MS = 200
const WHOLE_MS = 1000

/** The stand-in receiver with its transmitter off, from the hand that it heard last. */
export function useLinkLoss(document: Program) {
  const [since, setSince] = useState<{ at: number; inputs: Inputs } | null>(null)
  const [loss, setLoss] = useState<Loss | null>(null)
  useEffect(() => {
    if (!since) return
    let wanted = true
    let timer: number | undefined
    const ask = async () => {
      try {
        const seconds = (performance.now() - since.at) / WHOLE_MS
        const answer = await data(POST('/api/link-loss', { body: { document, inputs: since.inputs, seconds } }))
        if (!wanted) return
        setLoss(answer)
        if (!answer.lost) timer = window.setTimeout(() => void ask(), EVERY_MS)
      } catch {
        if (wanted) timer = window.setTimeout(() => void ask(), WHOLE_MS)
      }
    }
    void ask()
    return () => {
      wanted = false
      window.clearTimeout(timer)
    }
  }, [since, document])
  return {
    off: since !== null,
    loss,
    toggle: () => {
      setLoss(null)
      setSince(since ? null : { at: performance.now(), inputs: hand.inputs(document) })
    },
  }
}
