import { Upload } from 'lucide-react'
import { useRef, useState } from 'react'
import { data, POST, Refusal } from '@/api/client'
import { said } from '@/api/proposals'
import { Button } from '@/parts/Button'

/** A GPS's own words, from a file: what they tell, or which line is broken. */
export function GpsWords() {
  const file = useRef<HTMLInputElement>(null)
  const [told, setTold] = useState<string[]>([])
  const [problem, setProblem] = useState<string | null>(null)
  const read = async (from: File | undefined) => {
    if (!from) return
    try {
      const facts = await data(POST('/api/nmea', { body: { text: await from.text() } }))
      setProblem(null)
      setTold([
        `${facts.fixes} fixes in ${facts.sentences} seconds, at most ${facts.satellites} satellites`,
        ...(facts.first ? [`begins at ${facts.first.map((one) => one.toFixed(5)).join(', ')}`] : []),
        `at most ${facts.furthest} m away and ${facts.fastest} m/s fast`,
        ...(facts.highest === null ? [] : [`from ${facts.lowest} to ${facts.highest} m over the sea`]),
      ])
    } catch (error) {
      setTold([])
      // Every broken line is told with its number.
      const faults = error instanceof Refusal && 'faults' in error.problem ? error.problem.faults : []
      setProblem(faults.map((one) => [one.path, one.says].filter(Boolean).join(': ')).join('\n') || said(error))
    }
  }
  return (
    <section aria-label="GPS sentences" className="mt-4">
      <h2 className="font-semibold">A GPS’s own words</h2>
      <p className="text-muted text-sm">A file of NMEA 0183 sentences from the module on the bench.</p>
      <Button className="mt-1" onClick={() => file.current?.click()}>
        <Upload size={15} aria-hidden /> Read a file
      </Button>
      <input
        ref={file}
        type="file"
        aria-label="File of GPS sentences"
        className="hidden"
        onChange={(event) => {
          void read(event.target.files?.[0])
          event.target.value = ''
        }}
      />
      <ul data-gps-told className="mt-1 text-sm">
        {told.map((one) => (
          <li key={one}>{one}</li>
        ))}
      </ul>
      {problem && (
        <p role="alert" className="mt-1 whitespace-pre-line text-rose text-sm">
          ▲ {problem}
        </p>
      )}
    </section>
  )
}
