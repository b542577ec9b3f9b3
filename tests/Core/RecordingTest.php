<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Flight\PackCharge;
use DuskSwitch\Core\Flight\Recording;
use DuskSwitch\Core\Flight\Track;
use DuskSwitch\Core\Flight\TrackColumn;
use DuskSwitch\Core\Format\FlightEncoder;
use DuskSwitch\Core\Format\RehearsalEncoder;
use DuskSwitch\Core\Kit\Measurand;
use DuskSwitch\Core\Link\PointLevel;
use DuskSwitch\Core\Rehearsal\Flight;
use DuskSwitch\Core\Rehearsal\LandingStrategies;
use DuskSwitch\Core\Rehearsal\ListenedFlight;
use DuskSwitch\Core\Rehearsal\Rehearsal;
use DuskSwitch\Core\Rehearsal\RehearsalSettings;
use DuskSwitch\Core\Rehearsal\Remark;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Telemetry\Sample;
use DuskSwitch\Core\Telemetry\Value;
use DuskSwitch\Core\Telemetry\Values;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * A recorded flight: telemetry alone, rows any time apart. It's made of a rehearsed one, whose hidden truth tells how
 * good it is.
 */
final class RecordingTest extends TestCase
{
    private static function circuit(string $demo): Circuit
    {
        return Given::circuit(Given::demo($demo));
    }

    private static function fly(Circuit $circuit, string $scenario, int $seed): Recording
    {
        $setting = new RehearsalSettings($seed, 4.0, 200.0, ['antenna' => 70.0]);

        return (new Flight(
            $circuit,
            Given::catalogue(),
            Given::catalogue()->scenario($scenario) ?? self::fail($scenario),
            $setting,
        ))->fly();
    }

    /** The same flight as a transmitter's log has it: some rows are missing, and nothing but telemetry is there. */
    private static function recorded(Recording $flight, Circuit $circuit, ?PackCharge $pack = null): Recording
    {
        $samples = [];
        foreach ($flight->samples as $row => $one) {
            if ($row % 7 !== 3 && $row % 11 < 8) {
                $samples[] = new Sample($one->time, $one->values, '', [], [], []);
            }
        }
        $values = Values::of($circuit->program, Given::catalogue());
        $cells = Given::catalogue()->pack($circuit->program->aboard->kit->pack ?? '')->cells ?? 1;

        return new Recording($samples, Track::ofTelemetry($samples, $values, $cells), pack: $pack);
    }

    private static function listen(Recording $flight, Circuit $circuit): ListenedFlight
    {
        return Rehearsal::listen($flight, $circuit->program, $circuit->panel->transmitter, Given::catalogue());
    }

    /** @return list<Remark> */
    private static function about(ListenedFlight $heard, string $topic): array
    {
        return array_values(array_filter($heard->verdict, fn (Remark $one): bool => $one->topic === $topic));
    }

    /** @return iterable<string, array{string, string, int}> */
    public static function flights(): iterable
    {
        foreach ([1, 2, 3] as $seed) {
            yield "nightjar {$seed}" => ['nightjar', 'out-and-back', $seed];
            yield "petrel {$seed}" => ['petrel', 'thermal', $seed];
            yield "dunlin {$seed}" => ['dunlin', 'circuit', $seed];
        }
    }

    #[DataProvider('flights')]
    public function test_the_track_of_the_sensors_is_near_the_true_one(string $demo, string $scenario, int $seed): void
    {
        $circuit = self::circuit($demo);
        $true = self::fly($circuit, $scenario, $seed);
        $recorded = self::recorded($true, $circuit);
        $off = $turned = [];
        foreach ($recorded->samples as $row => $sample) {
            $at = $true->rowAt($sample->time);
            self::assertSame($sample->time, $true->time($at));
            foreach (array_map(TrackColumn::from(...), ['height', 'east', 'north', 'used', 'cell']) as $column) {
                [$is, $was] = [$recorded->track->at($row, $column), $true->track->at($at, $column)];
                if ($is !== null && $was !== null) {
                    $off[$column->value][] = abs($is - $was);
                    if (abs($was) > 40.0) {
                        $turned[$column->value][] = $is * $was < 0;
                    }
                }
            }
        }
        $most = ['height' => 12.0, 'east' => 30.0, 'north' => 30.0, 'used' => 120.0, 'cell' => 0.25];
        self::assertNotSame([], $off);
        foreach ($off as $column => $errors) {
            sort($errors);
            self::assertLessThan($most[$column], $errors[intdiv(count($errors) * 9, 10)], "{$column}: nine in ten");
        }
        self::assertNotContains(true, array_merge(...array_values($turned)), 'east is east and up is up');
    }

    public function test_what_nothing_tells_of_is_said_and_never_made_up(): void
    {
        $circuit = self::circuit('nightjar');
        $flight = self::recorded(self::fly($circuit, 'out-and-back', 1), $circuit);
        $heard = self::listen($flight, $circuit);

        self::assertFalse($flight->track->knows(TrackColumn::Flies));
        self::assertSame([], self::about($heard, 'Take-off'), 'whether it flew is not known');
        self::assertSame([], self::about($heard, 'Stall'));
        self::assertSame(PointLevel::Open, self::about($heard, 'Pack')[0]->level);
        self::assertStringContainsString('nobody said which pack it was', self::about($heard, 'Pack')[0]->says);
        self::assertSame(PointLevel::Look, self::about($heard, 'Link')[0]->level, 'its antenna broke');

        $deaf = new Recording(
            array_map(fn (Sample $one): Sample => $one->with([]), $flight->samples),
            Track::ofTelemetry([], Values::of($circuit->program, Given::catalogue()), 4),
            pack: new PackCharge(1300.0, 1300.0),
        );
        $heard = self::listen($deaf, $circuit);
        self::assertSame(PointLevel::Open, self::about($heard, 'Link')[0]->level);
        self::assertSame(PointLevel::Open, self::about($heard, 'Pack')[0]->level);
        self::assertStringContainsString('counts used capacity', self::about($heard, 'Pack')[0]->says);
        foreach (LandingStrategies::of($deaf) as $one) {
            self::assertNull($one->at, $one->id);
            self::assertNull($one->left, $one->id);
        }
    }

    public function test_alarms_and_landing_strategies_are_those_of_the_rehearsed_flight(): void
    {
        $circuit = self::circuit('petrel');
        $true = self::fly($circuit, 'thermal', 2);
        $recorded = self::recorded($true, $circuit, $true->pack);
        $unknown = self::listen(self::recorded($true, $circuit), $circuit);
        self::assertSame(PointLevel::Open, self::about($unknown, 'Pack')[0]->level);
        foreach (self::about(self::listen($recorded, $circuit), 'Pack') as $one) {
            self::assertNotSame(PointLevel::Open, $one->level, 'with its pack it is judged');
        }
        $first = function (ListenedFlight $heard): array {
            $at = [];
            foreach ($heard->said as $one) {
                $at[$one->offer->by] ??= $one->offer->at;
            }

            return array_diff_key($at, ['step' => 0, 'phase' => 0]);
        };
        $real = $first(self::listen($true, $circuit));
        self::assertNotSame([], $real);
        foreach (array_intersect_key($first(self::listen($recorded, $circuit)), $real) as $call => $at) {
            self::assertEqualsWithDelta($real[$call], $at, 2.0, $call);
        }
    }

    public function test_it_is_written_with_nulls_where_nothing_recorded_it(): void
    {
        $circuit = self::circuit('dunlin');
        $flight = self::recorded(self::fly($circuit, 'circuit', 1), $circuit);
        $written = FlightEncoder::recording($flight, $circuit->program, $circuit->panel->transmitter);

        self::assertNull($written['sticks']);
        self::assertNull($written['capacity']);
        self::assertSame([[], [], []], [$written['outputs'], $written['hands'], $written['steps']]);
        self::assertIsArray($written['times']);
        self::assertIsArray($written['truth']);
        self::assertCount(count($flight->samples), $written['times']);
        self::assertCount(count($flight->samples), $written['truth']['height']);
        self::assertEqualsWithDelta(216.0, $written['seconds'], 1.0);
        $sorted = $written['times'];
        sort($sorted);
        self::assertSame($sorted, $written['times']);

        $values = Values::of($circuit->program, Given::catalogue());
        $heard = RehearsalEncoder::heard(self::listen($flight, $circuit), $flight, $circuit->program, $values);
        self::assertIsArray($heard['traces']);
        self::assertContains('Height', array_column($heard['traces'], 'name'));
    }

    public function test_rows_are_found_by_their_time(): void
    {
        $times = [0.0, 0.5, 2.0, 2.1, 9.0];
        $samples = array_map(fn (float $one): Sample => new Sample($one, [], '', [], [], []), $times);
        $heights = [5.0, 130.0, null, 131.0, 140.0];
        $flight = new Recording(
            $samples,
            Track::ofRows(array_map(fn (?float $one): array => ['height' => $one], $heights)),
        );
        $rows = array_map($flight->rowAt(...), [-1.0, 0.0, 0.49, 0.5, 1.99, 2.0, 2.05, 2.1, 8.9, 9.0, 99.0]);
        self::assertSame([0, 0, 0, 1, 1, 2, 2, 3, 3, 4, 4], $rows);
        $high = fn (float $one): bool => $one > 120.0;
        self::assertSame([[0.5, 2.0], [2.1, 9.0]], $flight->spans(TrackColumn::Height, $high), 'a gap is not high');
        self::assertSame(1, $flight->firstRow(TrackColumn::Height, $high));
        self::assertNull($flight->firstRow(TrackColumn::Speed, $high));
        self::assertSame([], $flight->spans(TrackColumn::Speed, $high));
        self::assertNull($flight->track->at(2, TrackColumn::Height));
        self::assertSame(9.0, $flight->seconds());
    }

    public function test_an_empty_recording_and_one_that_begins_late(): void
    {
        $empty = new Recording([], new Track([]));
        self::assertSame([0.0, 0.0, 0, []], [
            $empty->seconds(),
            $empty->time(0),
            $empty->rowAt(5.0),
            $empty->spans(TrackColumn::Height, fn (): bool => true),
        ]);
        $late = new Recording(
            array_map(fn (float $one): Sample => new Sample($one, [], '', [], [], []), [100.0, 103.0]),
            new Track([]),
        );
        self::assertSame([3.0, 0.0], [$late->seconds(), $late->time(2)]);
        self::assertSame([0, 1], [$late->rowAt(102.999), $late->rowAt(103.0 - 1e-10)]);
    }

    public function test_what_a_track_takes_from_telemetry(): void
    {
        $values = Values::of(self::circuit('dunlin')->program, Given::catalogue());
        $id = fn (Measurand $what): string => array_values(
            array_filter($values->all, fn (Value $one): bool => $one->measures === $what),
        )[0]->id ?? self::fail($what->value);
        $sample = fn (float $time, array $sent): Sample => new Sample($time, $sent, '', [], [], []);
        $track = Track::ofTelemetry(
            [
                $sample(0.0, ['link-quality' => 0.0, $id(Measurand::Altitude) => 12.0, $id(Measurand::Volts) => 12.6]),
                $sample(1.0, [
                    'link-quality' => 1.0,
                    $id(Measurand::Altitude) => 62.0,
                    $id(Measurand::Latitude) => 54.0,
                    $id(Measurand::Longitude) => 8.0,
                ]),
                $sample(2.0, ['link-quality' => 0.4, $id(Measurand::Latitude) => 54.001, $id(Measurand::Longitude) => 8.0]),
            ],
            $values,
            3,
        );
        self::assertSame([0.0, 1.0, 1.0], $track->column(TrackColumn::Linked));
        $one = Track::ofTelemetry([$sample(0.0, [$id(Measurand::Volts) => 4.1])], $values, 0);
        self::assertSame(4.1, $one->at(0, TrackColumn::Cell), 'no cells known: as one');
        self::assertSame(4.2, round((float) $track->at(0, TrackColumn::Cell), 6));
        self::assertSame([0.0, 50.0, null], $track->column(TrackColumn::Height));
        self::assertNull($track->at(0, TrackColumn::North), 'no home yet');
        self::assertSame(0.0, $track->at(1, TrackColumn::North));
        // A minute of arc is a nautical mile: 0.001° are 111.3 m here.
        self::assertEqualsWithDelta(111.3, $track->at(2, TrackColumn::North), 0.1);
        self::assertEqualsWithDelta(0.0, $track->at(2, TrackColumn::East), 1e-6);
        self::assertTrue($track->knows(TrackColumn::North, TrackColumn::Height));
        self::assertFalse($track->knows(TrackColumn::North, TrackColumn::Flies));
    }
}
