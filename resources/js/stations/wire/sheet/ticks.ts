import { useState } from 'react'

const name = (aircraft: number, transmitter: string) => `dusk.sheet.${aircraft}.${transmitter}`

/** Which lines were keyed in, kept in this browser: by what they say, so that a changed value is to be keyed in anew. */
export function useTicks(aircraft: number, transmitter: string) {
  const read = () => new Set<string>(JSON.parse(localStorage.getItem(name(aircraft, transmitter)) ?? '[]'))
  const [ticks, setTicks] = useState(read)
  const [of, setOf] = useState(transmitter)
  if (of !== transmitter) {
    setOf(transmitter)
    setTicks(read())
  }
  const store = (next: Set<string>) => {
    localStorage.setItem(name(aircraft, transmitter), JSON.stringify([...next]))
    setTicks(next)
  }
  return {
    ticks,
    tick: (line: string) => {
      const next = new Set(ticks)
      if (!next.delete(line)) next.add(line)
      store(next)
    },
    clear: () => store(new Set()),
  }
}
