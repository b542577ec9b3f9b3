import { POST } from './client'

export type Heard = 'clip' | 'browser' | 'text'

/** Clips by text, so that each is fetched once. */
const clips = new Map<string, Promise<string | null>>()
let playing: HTMLAudioElement | null = null

async function fetched(text: string): Promise<string | null> {
  try {
    const answer = await POST('/api/clip', { body: { text }, parseAs: 'blob' })
    return answer.response.ok ? URL.createObjectURL(answer.data as unknown as Blob) : null
  } catch {
    return null
  }
}

/** Has a clip made before it's needed. */
export function prepare(text: string): Promise<string | null> {
  const known = clips.get(text)
  if (known) return known
  const made = fetched(text)
  clips.set(text, made)
  return made
}

/** Says a text: by its clip where the server has a voice, else by the browser's, else not at all; tells which. */
export async function say(text: string): Promise<Heard> {
  hush()
  const url = await prepare(text)
  if (url) {
    playing = new Audio(url)
    try {
      await playing.play()
      return 'clip'
    } catch {
      return 'text'
    }
  }
  if ('speechSynthesis' in window && window.speechSynthesis.getVoices().length > 0) {
    window.speechSynthesis.speak(new SpeechSynthesisUtterance(text))
    return 'browser'
  }
  return 'text'
}

export function hush() {
  playing?.pause()
  playing = null
  if ('speechSynthesis' in window) window.speechSynthesis.cancel()
}
