import { useEffect } from 'react'
import { useSearchParams } from 'react-router'
import { focusLive } from '@/api/live'
import type { View } from '../views'
import { ControlSheet } from './ControlSheet'
import { FunctionSheet } from './FunctionSheet'
import { Loom } from './Loom'
import { OutputSheet } from './OutputSheet'

/** The loom, and the side sheet of what is selected on it. */
export function LoomView({ aircraft, document }: View) {
  const [search, setSearch] = useSearchParams()
  const at = search.get('at')
  const [kind, id] = at?.split(':') ?? []
  const fn = kind === 'function' ? document.functions?.find((one) => one.id === id) : undefined
  const output = kind === 'output' ? document.outputs?.find((one) => one.channel === Number(id)) : undefined
  const control = kind === 'control' || kind === 'axis' ? at : undefined

  useEffect(() => {
    focusLive(output?.channel, fn?.id)
    return () => focusLive(undefined, undefined)
  }, [output?.channel, fn?.id])

  const select = (end: string | null) => setSearch(end ? { at: end } : {}, { replace: true })
  const close = () => select(null)

  return (
    <div className="relative flex h-full min-h-0">
      <Loom aircraft={aircraft} document={document} at={at} select={select} />
      {fn && <FunctionSheet key={fn.id} aircraft={aircraft} document={document} fn={fn} close={close} />}
      {output && (
        <OutputSheet key={output.channel} aircraft={aircraft} document={document} output={output} close={close} />
      )}
      {control && <ControlSheet key={control} aircraft={aircraft} document={document} end={control} close={close} />}
    </div>
  )
}
