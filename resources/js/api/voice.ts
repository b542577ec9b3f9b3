import { POST } from './client'
import { workbench } from './workbench'

export type Heard = 'clip' | 'browser' | 'text'

/** Clips by text, so that each is fetched once. */
const clips = new Map<string, Promise<string | null>>()
let playing: HTMLAudioElement | null = null

/** The language of the open aircraft's voice. */
const language = () => workbench.state.document?.sense?.language ?? 'en'

async function fetched(text: string): Promise<string | null> {
  try {
    const answer = await POST('/api/clip', { body: { text, language: language() }, parseAs: 'blob' })
    return answer.response.ok ? URL.createObjectURL(answer.data as unknown as Blob) : null
  } catch {
    return null
  }
}

/** Has a clip made before it's needed. */
export function prepare(text: string): Promise<string | null> {
  const key = `${language()} ${text}`
  const known = clips.get(key)
  if (known) return known
  const made = fetched(text)
  clips.set(key, made)
  return made
}

type Note = { hertz: number; seconds: number }
let speaker: AudioContext | null = null
let turn = 0
let last: Heard = 'clip'

/** Plays notes one after the other; done when they have sounded. Where nothing can sound they are passed over. */
export async function play(notes: Note[]): Promise<void> {
  if (notes.length === 0 || !('AudioContext' in window)) return
  speaker ??= new AudioContext()
  let at = speaker.currentTime
  for (const { hertz, seconds } of notes) {
    if (hertz > 0) {
      const [tone, gain] = [speaker.createOscillator(), speaker.createGain()]
      tone.frequency.value = hertz
      gain.gain.setValueAtTime(0.1, at)
      gain.gain.setTargetAtTime(0, at + seconds * 0.8, 0.01)
      tone.connect(gain).connect(speaker.destination)
      tone.start(at)
      tone.stop(at + seconds)
    }
    at += seconds
  }
  const all = notes.reduce((sum, one) => sum + one.seconds, 0)
  await new Promise((done) => setTimeout(done, all * 1000))
}

/**
 * Says a text: by its clip where the server has a voice, else by the browser's, else not at all; tells which.
 * Notes come before.
 */
export async function say(text: string, notes: Note[] = []): Promise<Heard> {
  hush()
  const mine = turn
  await play(notes)
  // Something else is said by now, or nothing shall be.
  if (mine !== turn || text === '') return last
  last = await speak(text)
  return last
}

async function speak(text: string): Promise<Heard> {
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
    const words = new SpeechSynthesisUtterance(text)
    words.lang = language()
    window.speechSynthesis.speak(words)
    return 'browser'
  }
  return 'text'
}

export function hush() {
  turn++
  playing?.pause()
  playing = null
  if ('speechSynthesis' in window) window.speechSynthesis.cancel()
}
