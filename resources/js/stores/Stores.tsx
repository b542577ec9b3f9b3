import { useStores } from '@/api/queries'

/** The transmitters that the app knows. Receivers, controllers, packs and sensors come with Kit. */
export default function Stores() {
  const { data, error } = useStores()
  return (
    <main className="flex-1 overflow-auto px-6 py-5">
      <h1 className="font-semibold text-2xl">Stores</h1>
      <p className="mt-1 max-w-2xl text-muted">
        The transmitters that programs can be made for. Defining your own, and receivers, controllers, packs and
        sensors, come with the Kit station.
      </p>
      {error && <p className="mt-4 text-rose">▲ {error.message}</p>}
      <ul className="mt-5 grid max-w-5xl gap-4 md:grid-cols-3">
        {data?.transmitters.map((one) => (
          <li key={one.id} className="rounded-2xl border border-line bg-raised p-4">
            <h2 className="font-semibold text-lg">{one.name}</h2>
            <dl className="mt-2 grid grid-cols-[1fr_auto] gap-y-1 text-sm">
              <dt className="text-muted">Channels</dt>
              <dd className="figures text-right">{one.channels}</dd>
              <dt className="text-muted">100 % means</dt>
              <dd className="figures text-right">
                {one.pulse.centre} ± {one.pulse.span} µs
              </dd>
              {(['switch', 'button', 'dial', 'slider'] as const).map((kind) => (
                <div key={kind} className="contents">
                  <dt className="text-muted capitalize">{kind === 'switch' ? 'switches' : `${kind}s`}</dt>
                  <dd className="figures text-right">
                    {one.controls.filter((control) => control.kind === kind).length}
                  </dd>
                </div>
              ))}
            </dl>
          </li>
        ))}
      </ul>
    </main>
  )
}
