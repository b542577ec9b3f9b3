<?php

namespace DuskSwitch\Tools\Bench;

use DuskSwitch\Core\Flight\Recording;
use DuskSwitch\Core\Format\FlightEncoder;
use DuskSwitch\Core\Format\RehearsalEncoder;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Rehearsal\Flight;
use DuskSwitch\Core\Rehearsal\Leg;
use DuskSwitch\Core\Rehearsal\Rehearsal;
use DuskSwitch\Core\Rehearsal\RehearsalSettings;
use DuskSwitch\Core\Rehearsal\Scenario;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Speech\HeardCalls;
use DuskSwitch\Core\Telemetry\Values;
use DuskSwitch\Tests\Browser\App;
use DuskSwitch\Tests\Browser\Chrome;
use DuskSwitch\Tests\Browser\Page;
use DuskSwitch\Tests\Core\Given;

/** Ten minutes of flight at 50 Hz with 16 outputs, 12 sensors and 20 alarms. */
final class RehearsalBench
{
    private const SCRUB = <<<'JS'
    const done = arguments[0]
    const slider = document.querySelector('input[aria-label^=Time]').parentElement
    const box = slider.getBoundingClientRect()
    const at = (share) => ({
        clientX: box.left + 90 + share * (box.width - 95), clientY: box.top + 40, bubbles: true, pointerId: 1,
    })
    slider.dispatchEvent(new PointerEvent('pointerdown', at(0)))
    const gaps = []
    let last = performance.now(), step = 0
    const frame = (now) => {
        gaps.push(now - last)
        last = now
        window.dispatchEvent(new PointerEvent('pointermove', at(0.5 + 0.5 * Math.sin(step / 25))))
        if (++step < 240) requestAnimationFrame(frame)
        else { window.dispatchEvent(new PointerEvent('pointerup', at(0))); done(gaps.slice(2)) }
    }
    requestAnimationFrame(frame)
    JS;

    /**
     * @return array{float, float, float, int} seconds: flown and heard, the bare circuit, heard again after one alarm
     * changed; bytes of its JSON, compressed
     */
    public static function run(): array
    {
        $circuit = self::circuit(3.5);
        $fly = fn (): Recording => (new Flight(
            $circuit,
            Given::catalogue(),
            self::scenario(),
            new RehearsalSettings(1),
        ))->fly();
        [$all, $bare, $heard] = [INF, INF, INF];
        for ($round = 0; $round < 3; $round++) {
            $start = hrtime(true);
            $flight = $fly();
            $calls = new HeardCalls();
            $first = Rehearsal::listen(
                $flight,
                $circuit->program,
                $circuit->panel->transmitter,
                Given::catalogue(),
                heard: $calls,
            );
            $all = min($all, (hrtime(true) - $start) / 1e9);
            $bare = min($bare, self::bare($circuit));
            $changed = self::circuit(3.4 - $round / 10);
            $start = hrtime(true);
            // As the app does: what was heard of the other calls is kept with the flight.
            Rehearsal::listen(
                $flight,
                $changed->program,
                $changed->panel->transmitter,
                Given::catalogue(),
                heard: $calls,
            );
            $heard = min($heard, (hrtime(true) - $start) / 1e9);
        }
        $json = [
            ...FlightEncoder::columns(
                $flight,
                $circuit->program,
                $circuit->panel->transmitter,
                self::scenario(),
                new RehearsalSettings(1),
            ),
            ...RehearsalEncoder::heard(
                $first,
                $flight,
                $circuit->program,
                Values::of($circuit->program, Given::catalogue()),
            ),
        ];

        return [$all, $bare, $heard, strlen((string) gzencode((string) json_encode($json)))];
    }

    /** @return array{float, float} ms between two frames while Petrel's flight is scrubbed: the longest, p95 */
    public static function scrub(App $app): array
    {
        $chrome = new Chrome();
        $page = (new Page($chrome->browser(), $app))->open('/aircraft/4/telemetry/rehearsal');
        $page->named('Rehearse', 'button')->click();
        $page->find('[data-clock]');
        usleep(800_000);
        $page->browser->manage()->timeouts()->setScriptTimeout(60);
        $gaps = $page->browser->executeAsyncScript(self::SCRUB);

        return [max($gaps), LiveBench::p95($gaps)];
    }

    private static function bare(Circuit $circuit): float
    {
        $hand = $circuit->panel->atRest();
        $state = null;
        $start = hrtime(true);
        for ($i = 0; $i < 30_000; $i++) {
            $hand[0] = sin($i / 50);
            $hand[2] = cos($i / 70);
            $state = $circuit->tick(array_values($hand), $state)->state;
        }

        return (hrtime(true) - $start) / 1e9;
    }

    private static function scenario(): Scenario
    {
        return new Scenario(
            'ten-minutes',
            'Ten minutes',
            '',
            [Family::Plane],
            [
                new Leg('Wait', 35),
                new Leg('Ready', 3, does: ['cut' => 'ready']),
                new Leg('Up', 12, speed: 14, climb: 3, until: 60),
                ...array_merge(
                    ...array_fill(0, 26, [new Leg('Straight', 14, speed: 15), new Leg('Turn', 6, speed: 14, turn: 30)]),
                ),
                new Leg('Down', 30, speed: 12, climb: -2, turn: 10, until: 0.0),
            ],
        );
    }

    private static function circuit(float $level): Circuit
    {
        $document = json_decode((string) file_get_contents(__DIR__.'/full.json'));
        $document->receiver = 'lantern-r12';
        $kinds = ['skylark-vario', 'bittern-gps', 'teal-current', 'gannet-airspeed', 'heron-block'];
        $chain = array_map(
            fn (int $i): array => ['id' => "s{$i}", 'sensor' => $kinds[$i % 5], 'address' => $i + 1],
            range(0, 11),
        );
        $calls = array_map(
            fn (int $i): array => [
                'id' => "a{$i}",
                'name' => "Alarm {$i}",
                'when' => [
                    'sensor' => ['cell', 's0-height', 's1-speed', 's2-used', 'distance'][$i % 5],
                    $i % 2 === 0 ? 'below' : 'above' => $i % 5 === 0 ? $level : 10.0 + $i,
                    'hysteresis' => 0.1,
                ],
                'hold' => 1,
                'priority' => 'warning',
                'repeat' => 20,
                'says' => ['Alarm', ['value' => 'cell', 'places' => 1]],
            ],
            range(0, 19),
        );
        $values = [
            ['id' => 'cell', 'name' => 'Cell', 'does' => 'cell-average', 'of' => ['s2-volts']],
            ['id' => 'height', 'name' => 'Height', 'does' => 'relative', 'of' => ['s0-height']],
            ['id' => 'distance', 'name' => 'Distance', 'does' => 'distance', 'of' => ['s1-latitude', 's1-longitude']],
        ];
        $document->sense = json_decode(
            (string) json_encode(['bus' => 'shared', 'chain' => $chain, 'values' => $values, 'calls' => $calls]),
        );

        return Given::circuit((string) json_encode($document));
    }
}
