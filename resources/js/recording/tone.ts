export type Sound = { frequency: number; beeps: number }

/** Plays the variometer's tone as the core gives it. */
export class Tone {
  private context: AudioContext | null = null
  private voice: OscillatorNode | null = null
  private gain: GainNode | null = null

  private start() {
    if (this.context || !('AudioContext' in window)) return
    this.context = new AudioContext()
    this.voice = this.context.createOscillator()
    this.gain = this.context.createGain()
    this.gain.gain.value = 0
    this.voice.connect(this.gain).connect(this.context.destination)
    this.voice.start()
  }

  /** What sounds at a time, in seconds: its beeps go by it. */
  at(sound: Sound | undefined, time: number) {
    if (!sound || sound.frequency === 0) return this.quiet()
    this.start()
    if (!this.context || !this.voice || !this.gain) return
    this.voice.frequency.setTargetAtTime(sound.frequency, this.context.currentTime, 0.03)
    const sounds = sound.beeps === 0 || (time * sound.beeps) % 1 < 0.5
    this.gain.gain.setTargetAtTime(sounds ? 0.06 : 0, this.context.currentTime, 0.01)
  }

  quiet() {
    if (this.context && this.gain) this.gain.gain.setTargetAtTime(0, this.context.currentTime, 0.02)
  }

  close() {
    void this.context?.close()
    this.context = null
  }
}
