<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Flight\Recording;
use DuskSwitch\Core\Flight\TrackColumn;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Format\ProgramEncoder;
use DuskSwitch\Core\Program\Telemetry\ToneSettings;
use DuskSwitch\Core\Rehearsal\Flight;
use DuskSwitch\Core\Rehearsal\ListenedFlight;
use DuskSwitch\Core\Rehearsal\Rehearsal;
use DuskSwitch\Core\Rehearsal\RehearsalSettings;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Speech\VarioTone;
use DuskSwitch\Core\Telemetry\TelemetryCheck;
use DuskSwitch\Core\Telemetry\Values;
use DuskSwitch\Core\Units\Range;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The variometer's tone: it follows what the transmitter has of the climb, as its pilot set it, and nothing else. */
final class VariometerTest extends TestCase
{
    /** A glider of one's own: other names, another sensor first on the wire, the climb from a second source. */
    private static function glider(mixed $tone): Circuit
    {
        $document = json_decode(Given::demo('petrel'));
        $sense = $document->sense;
        $document->name = 'Segler';
        $sense->chain = [
            (object) ['id' => 'strom', 'sensor' => 'teal-current'],
            (object) ['id' => 'steigen', 'sensor' => 'skylark-vario'],
        ];
        $sense->values = [
            (object) ['id' => 'hoehe', 'name' => 'Höhe', 'does' => 'relative', 'of' => ['steigen-height']],
            (object) ['id' => 'mittel', 'name' => 'Mittel', 'does' => 'climb', 'of' => ['hoehe'], 'by' => 3.0],
        ];
        $sense->calls = [
            (object) [
                'id' => 'hoch', 'name' => 'Hoch', 'when' => (object) ['sensor' => 'hoehe', 'above' => 60],
                'priority' => 'warning', 'repeat' => 5, 'says' => ['Hoch'],
            ],
        ];
        $sense->tone = $tone;

        return Given::circuit((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));
    }

    /**
     * @param  array<string, float>  $mishaps
     * @return array{Recording, ListenedFlight}
     */
    private static function flown(Circuit $circuit, int $seed = 1, array $mishaps = []): array
    {
        $scenario = Given::catalogue()->scenario('thermal') ?? self::fail();
        $settings = new RehearsalSettings($seed, mishaps: $mishaps);
        $flight = (new Flight($circuit, Given::catalogue(), $scenario, $settings))->fly();

        return [
            $flight,
            Rehearsal::listen($flight, $circuit->program, $circuit->panel->transmitter, Given::catalogue()),
        ];
    }

    /** @return list<int> Hz, row by row */
    private static function rows(ListenedFlight $heard): array
    {
        $rows = [];
        $sounding = 0;
        $next = 0;
        foreach ($heard->samples as $sample) {
            while (isset($heard->tone[$next]) && $heard->tone[$next]['t'] <= $sample->time + 1e-9) {
                $sounding = $heard->tone[$next++]['frequency'];
            }
            $rows[] = $sounding;
        }

        return $rows;
    }

    public function test_pitch_goes_by_ratios_and_beeps_by_steps(): void
    {
        // Worked by hand from the settings as they come: level flight 550 Hz, full climb 6 m/s at 1400 Hz. Half is
        // 550 · √(1400 / 550) = 877.5 Hz; 3.1 m/s is half-way from 0.2 to 6: 1.8 + 5.2 / 2 = 4.4 beeps.
        $tone = new VarioTone(new ToneSettings());
        self::assertSame(877, $tone->at(3.0)['frequency']);
        self::assertSame(4.4, $tone->at(3.1)['beeps']);
        self::assertSame(['frequency' => 1400, 'beeps' => 7.0], $tone->at(6.0));
        self::assertSame($tone->at(6.0), $tone->at(40.0), 'it says no more beyond its ends');
        // Half of the full sink of 5 m/s: 550 · √(220 / 550) = 347.9 Hz, one long tone.
        self::assertSame(['frequency' => 348, 'beeps' => 0.0], $tone->at(-2.5));
        self::assertSame(['frequency' => 220, 'beeps' => 0.0], $tone->at(-40.0));
        foreach ([-1.5, -0.4, 0.0, 0.2] as $quiet) {
            self::assertSame(['frequency' => 0, 'beeps' => 0.0], $tone->at($quiet), 'silent in the middle');
        }
        self::assertGreaterThan(0, $tone->at(0.21)['frequency']);
        self::assertGreaterThan(0, $tone->at(-1.51)['frequency']);
    }

    public function test_it_sounds_as_it_is_set_on_the_aircraft(): void
    {
        $tone = new VarioTone(new ToneSettings(
            quiet: new Range(-0.5, 0.5),
            full: new Range(-2.0, 3.0),
            pitch: new Range(300.0, 1200.0),
            middle: 600.0,
            beeps: new Range(2.0, 10.0),
        ));
        self::assertSame(['frequency' => 1200, 'beeps' => 10.0], $tone->at(3.0));
        self::assertSame(849, $tone->at(1.5)['frequency'], '600 · √2');
        self::assertSame(300, $tone->at(-2.0)['frequency']);
        self::assertSame(0, $tone->at(-0.5)['frequency']);
    }

    /** @return iterable<string, array{mixed, string}> */
    public static function sources(): iterable
    {
        yield 'the first of a sensor' => [true, 'steigen-climb'];
        yield 'one that is calculated' => [(object) ['of' => 'mittel'], 'mittel'];
    }

    #[DataProvider('sources')]
    public function test_it_follows_what_the_transmitter_has_and_never_the_truth(mixed $set, string $source): void
    {
        $circuit = self::glider($set);
        $differs = 0;
        foreach ([1, 2, 3] as $seed) {
            [$flight, $heard] = self::flown($circuit, $seed);
            $tone = new VarioTone($circuit->program->sense->tone ?? self::fail());
            $rows = self::rows($heard);
            foreach ($heard->samples as $row => $sample) {
                $climb = $sample->values[$source] ?? null;
                self::assertSame($climb === null ? 0 : $tone->at($climb)['frequency'], $rows[$row], "{$seed} {$row}");
                $true = $flight->track->at($row, TrackColumn::Climb) ?? 0.0;
                $differs += $tone->at($true)['frequency'] === $rows[$row] ? 0 : 1;
            }
        }
        self::assertGreaterThan(1000, $differs, 'noise, steps and lag are heard');
    }

    public function test_it_ends_where_the_sensor_dies_at_any_second_and_the_alarms_on_it_are_unknown(): void
    {
        $document = json_decode(ProgramEncoder::encode(self::glider(true)->program));
        $document->sense->chain = array_reverse($document->sense->chain);
        $circuit = Given::circuit((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));
        for ($seed = 1; $seed <= 12; $seed++) {
            $dies = (float) (5 + (($seed * 37) % 160));
            [, $heard] = self::flown($circuit, $seed, ['silent' => $dies]);
            $end = $heard->samples[count($heard->samples) - 1]->time;
            // A report every 0.2 s, stale after three of them, and the row in which that shows.
            $gone = $dies + 0.2 + 3 * 0.2 + 0.2;
            foreach (self::rows($heard) as $row => $frequency) {
                self::assertTrue($heard->samples[$row]->time < $gone || $frequency === 0, "{$seed}: {$row}");
            }
            foreach ($heard->said as $one) {
                self::assertTrue($one->offer->by !== 'hoch' || $one->offer->at < $gone, "{$seed}: {$one->offer->at}");
            }
            [$from, $to] = $heard->voice->unknown['hoch'][count($heard->voice->unknown['hoch']) - 1];
            self::assertLessThanOrEqual($gone, $from, "{$seed}: unknown from then on");
            self::assertSame($end, $to);
            self::assertStringContainsString(
                'had no value and stayed silent: Hoch',
                implode(' ', array_column($heard->verdict, 'says')),
            );
        }
    }

    public function test_a_switch_silences_it(): void
    {
        $circuit = self::glider((object) ['when' => (object) ['phase' => 'thermal']]);
        [, $heard] = self::flown($circuit);
        $sounded = [];
        foreach (self::rows($heard) as $row => $frequency) {
            $sounded[$heard->samples[$row]->phase][] = $frequency > 0;
        }
        self::assertContains(true, $sounded['thermal']);
        foreach (array_diff_key($sounded, ['thermal' => 0]) as $phase => $rows) {
            self::assertNotContains(true, $rows, $phase);
        }
    }

    public function test_an_aircraft_without_a_climb_is_told_and_stays_silent(): void
    {
        $points = function (Circuit $circuit): string {
            $values = Values::of($circuit->program, Given::catalogue());
            $check = new TelemetryCheck($circuit->program, $circuit->panel->transmitter, $values);
            $about = array_filter($check->points(), fn (array $one): bool => $one[0] === 'tone');

            return implode(' ', array_map(fn (array $one): string => $one[1]->says, $about));
        };
        self::assertSame('', $points(self::glider(true)));
        self::assertStringContainsString('"gone", which nothing sends', $points(self::glider((object) ['of' => 'gone'])));
        self::assertStringContainsString('no climb', $points(self::glider((object) ['of' => 'hoehe'])));
        self::assertStringContainsString(
            'waits for a phase "nowhere"',
            $points(self::glider((object) ['when' => (object) ['phase' => 'nowhere']])),
        );
        $bare = json_decode(Given::demo('petrel'));
        $bare->sense = (object) ['tone' => true];
        $circuit = Given::circuit((string) json_encode($bare, JSON_PRESERVE_ZERO_FRACTION));
        self::assertStringContainsString('nothing tells of climb', $points($circuit));
        self::assertSame([], self::flown($circuit)[1]->tone);
    }

    /** @return iterable<string, array{mixed, string|null}> */
    public static function documents(): iterable
    {
        yield 'as it comes' => [true, null];
        yield 'off' => [false, null];
        yield 'all of it' => [
            (object) [
                'of' => 'mittel', 'when' => (object) ['phase' => 'thermal'], 'quiet' => [-0.5, 0.5],
                'full' => [-2.0, 3.0], 'pitch' => [300.0, 600.0, 1200.0], 'beeps' => [2.0, 10.0],
            ],
            null,
        ];
        yield 'a silent band above level flight' => [(object) ['quiet' => [0.5, 1.0]], 'sense.tone.quiet'];
        yield 'full before the silent band ends' => [(object) ['full' => [-1.0, 6.0]], 'sense.tone.full'];
        yield 'full climb where the silent band ends' => [(object) ['full' => [-5.0, 0.2]], 'sense.tone.full'];
        yield 'full sink where it begins' => [(object) ['full' => [-1.5, 6.0]], 'sense.tone.full'];
        yield 'no silent band' => [(object) ['quiet' => [0.0, 0.0], 'beeps' => [3.0, 3.0]], null];
        yield 'a pitch that stays' => [(object) ['pitch' => [550.0, 550.0, 900.0]], 'sense.tone.pitch'];
        yield 'a pitch that ends as it began' => [(object) ['pitch' => [220.0, 900.0, 900.0]], 'sense.tone.pitch'];
        yield 'a pitch that falls' => [(object) ['pitch' => [900.0, 600.0, 1200.0]], 'sense.tone.pitch'];
        yield 'beeps that slow down' => [(object) ['beeps' => [8.0, 2.0]], 'sense.tone.beeps'];
        yield 'nobody hears that' => [(object) ['pitch' => [30.0, 600.0, 1200.0]], 'sense.tone.pitch[0]'];
        yield 'a word' => ['loud', 'sense.tone'];
    }

    #[DataProvider('documents')]
    public function test_it_is_read_and_written_and_what_cannot_be_is_told(mixed $set, ?string $wrong): void
    {
        try {
            $program = self::glider($set)->program;
            $again = ProgramDecoder::decode(ProgramEncoder::encode($program));
            self::assertNull($wrong);
            self::assertEquals($program->sense->tone, $again->sense->tone);
            self::assertSame($set === false, $program->sense->tone === null);
        } catch (Refused $refused) {
            self::assertContains($wrong, array_column($refused->faults, 'path'));
        }
    }
}
