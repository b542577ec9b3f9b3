/** Where the movable parts sit along a wing: from the middle (0) to the tip (1). */
export const SPANS: Record<string, [number, number]> = {
  aileron: [0.55, 0.96],
  'outer-aileron': [0.7, 0.97],
  'inner-aileron': [0.44, 0.67],
  flap: [0.13, 0.4],
  elevon: [0.3, 0.94],
}

/** What is moved: how far it is meant to go, and for a motor whether it turns. */
export type Moved = { channel: number; name: string; value: number; turns: boolean }
export type Parts = Record<string, Moved | undefined>
export type Picked = { parts: Parts; at: number | null; pick: (channel: number) => void }

/** The part on each side: `ailerons` on one channel move both, against each other. */
export function onWing(parts: Parts): { side: -1 | 1; span: [number, number]; moved: Moved }[] {
  const found: { side: -1 | 1; span: [number, number]; moved: Moved }[] = []
  for (const [kind, span] of Object.entries(SPANS)) {
    for (const [name, side] of [
      ['left', -1],
      ['right', 1],
    ] as const) {
      const moved = parts[`${name}-${kind}`]
      if (moved) found.push({ side, span, moved })
    }
  }
  const ailerons = parts.ailerons
  if (ailerons) {
    found.push({ side: -1, span: [0.55, 0.96], moved: ailerons })
    found.push({ side: 1, span: [0.55, 0.96], moved: { ...ailerons, value: -ailerons.value } })
  }
  const flaps = parts.flaps
  if (flaps) for (const side of [-1, 1] as const) found.push({ side, span: [0.13, 0.4], moved: flaps })
  return found
}

/** A surface's deflection in shape and words. */
export const told = (value: number, up = '▲ up', down = '▼ down') => {
  const share = Math.round(Math.abs(value) * 100)
  return share === 0 ? '–' : `${value > 0 ? down : up} ${share} %`
}

export const tone = (value: number) => (Math.abs(value) < 0.005 ? 'fill-edge' : value > 0 ? 'fill-ember' : 'fill-teal')
