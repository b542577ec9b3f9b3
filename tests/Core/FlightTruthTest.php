<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Analysis\Calibration;
use DuskSwitch\Core\Analysis\FlightAnalysis;
use DuskSwitch\Core\Analysis\FlownWith;
use DuskSwitch\Core\Flight\Recording;
use DuskSwitch\Core\Flight\TrackColumn;
use DuskSwitch\Core\Link\LinkBudget;
use DuskSwitch\Core\Log\LoggedFlight;
use DuskSwitch\Core\Log\RehearsedLog;
use DuskSwitch\Core\Rehearsal\Flight;
use DuskSwitch\Core\Rehearsal\RehearsalSettings;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Telemetry\Values;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/**
 * What is found in a log against what truly was: rehearsals know both. Over aircraft, scripts, winds, powers and seeds;
 * the log has only what sensors sent.
 */
final class FlightTruthTest extends TestCase
{
    private const SEEDS = [3, 14, 159];

    private static function circuit(string $aircraft): Circuit
    {
        return Given::circuit((string) file_get_contents(Given::DEMO."/{$aircraft}.json"));
    }

    /** @return array{Recording, LoggedFlight, FlownWith} */
    private static function flown(Circuit $circuit, string $script, RehearsalSettings $settings): array
    {
        $catalogue = Given::catalogue();
        $flight = (new Flight(
            $circuit,
            $catalogue,
            $catalogue->scenario($script) ?? self::fail($script),
            $settings,
        ))->fly();

        return [
            $flight,
            RehearsedLog::of($flight, Values::of($circuit->program, $catalogue)),
            FlownWith::of($circuit->program, $catalogue, milliwatts: $settings->milliwatts),
        ];
    }

    #[TestWith(['dunlin', ['circuit', 'out-and-back', 'wind', 'speed-run', 'tuning']])]
    #[TestWith(['nightjar', ['first-hover', 'hover-and-land', 'out-and-back', 'speed-run', 'height-limits']])]
    #[TestWith(['petrel', ['thermal', 'wind']])]
    #[TestWith(['midge', ['first-hover', 'hover-and-land']])]
    #[TestWith(['rook', ['first-hover', 'speed-run']])]
    public function test_take_off_and_landing_are_found_to_a_second(string $aircraft, array $scripts): void
    {
        $circuit = self::circuit($aircraft);
        foreach ($scripts as $script) {
            foreach (self::SEEDS as $seed) {
                [$flight, $log, $with] = self::flown($circuit, $script, new RehearsalSettings($seed, wind: $seed % 7));
                $air = FlightAnalysis::of($log, $with)->air;
                $true = $flight->spans(TrackColumn::Flies, fn (float $one): bool => $one > 0.0);

                self::assertCount(count($true), $air->spans, "{$script}, day {$seed}");
                foreach ($true as $place => [$from, $to]) {
                    self::assertEqualsWithDelta($from, $air->spans[$place][0], 1.0, "{$script}, day {$seed}: take-off");
                    self::assertEqualsWithDelta($to, $air->spans[$place][1], 1.0, "{$script}, day {$seed}: landing");
                }
            }
        }
    }

    public function test_the_wind_is_found_to_a_metre_a_second_with_airspeed_and_without(): void
    {
        $circuit = self::circuit('dunlin');
        foreach (self::SEEDS as $seed) {
            foreach (['circuit', 'wind'] as $script) {
                [$speed, $from] = [1.0 + ($seed % 5), fmod($seed * 47.0, 360.0)];
                [, $log, $with] = self::flown($circuit, $script, new RehearsalSettings($seed, $speed, $from));
                $wind = FlightAnalysis::of($log, $with)->wind;
                $without = array_diff_key($log->columns, ['airspeed' => true]);
                $blind = FlightAnalysis::of(
                    LoggedFlight::of(
                        $log->times,
                        array_combine(
                            array_keys($without),
                            array_map(fn (string $key): array => $log->column($key) ?? [], array_keys($without)),
                        ),
                    ),
                    $with,
                )->wind;

                foreach (['with airspeed' => $wind, 'without' => $blind] as $how => $found) {
                    self::assertNotNull($found, "{$script} {$how}");
                    $off = hypot(
                        $found->speed * sin(deg2rad($found->from)) - $speed * sin(deg2rad($from)),
                        $found->speed * cos(deg2rad($found->from)) - $speed * cos(deg2rad($from)),
                    );
                    self::assertLessThan(1.0, $off, "{$script} {$how}, day {$seed}");
                    self::assertSame($how === 'without', $found->assumed);
                }
            }
        }
    }

    public function test_what_hovers_tells_no_wind_by_its_ground_speed(): void
    {
        [, $log, $with] = self::flown(self::circuit('nightjar'), 'modes-in-flight', new RehearsalSettings(5, 6.0));

        self::assertNull(FlightAnalysis::of($log, $with)->wind, 'its pilot holds it against the wind');
    }

    #[TestWith(['dunlin', 'circuit', 1])]
    #[TestWith(['nightjar', 'speed-run', 1])]
    #[TestWith(['petrel', 'thermal', 1])]
    #[TestWith(['rook', 'height-limits', 1])]
    #[TestWith(['nightjar', 'out-and-back', 2])]
    public function test_the_resistance_of_a_cell_is_found_to_a_tenth(string $aircraft, string $script, int $wear): void
    {
        $circuit = self::circuit($aircraft);
        $pack = Given::catalogue()->pack($circuit->program->aboard->kit->pack ?? '') ?? self::fail('no pack');
        foreach (self::SEEDS as $seed) {
            $mishaps = $wear > 1 ? ['cell' => 0.0] : [];
            $settings = new RehearsalSettings($seed, mishaps: $mishaps);
            [, $log, $with] = self::flown($circuit, $script, $settings);
            // A cell of the rehearsal has 16 ohm for each mAh of its capacity, times its wear.
            $true = (16.0 / $pack->capacity) * $settings->effects(0.0)->resistance;
            $found = FlightAnalysis::of($log, $with)->battery;

            self::assertNotNull($found);
            self::assertEqualsWithDelta($true, $found->resistance, 0.1 * $true, "day {$seed}");
            self::assertLessThan(0.1 * $true, $found->error);
            self::assertEqualsWithDelta(4.18, $found->openCircuit, 0.03, 'a full cell of the rehearsal');
        }
    }

    #[TestWith(['dunlin', 'circuit'])]
    #[TestWith(['dunlin', 'out-and-back'])]
    #[TestWith(['nightjar', 'out-and-back'])]
    #[TestWith(['nightjar', 'height-limits'])]
    public function test_the_range_at_a_power_is_predicted_to_a_fifth(string $aircraft, string $script): void
    {
        $circuit = self::circuit($aircraft);
        foreach ([10.0, 25.0, 100.0] as $place => $milliwatts) {
            $settings = new RehearsalSettings(self::SEEDS[$place], milliwatts: $milliwatts);
            [, $log, $with] = self::flown($circuit, $script, $settings);
            $link = FlightAnalysis::of($log, $with)->link;

            self::assertNotNull($link);
            self::assertEqualsWithDelta(
                2.0,
                $link->slope,
                0.1,
                'ITU-R P.525: twenty decibels for ten times the distance',
            );
            foreach ($link->ranges as $range) {
                $true = (new LinkBudget((float) $range['milliwatts']))->reach();
                self::assertEqualsWithDelta($true, $range['metres'], 0.2 * $true, "{$range['milliwatts']} mW");
            }
        }
    }

    public function test_the_scale_of_a_current_sensor_is_found_to_a_hundredth(): void
    {
        $circuit = self::circuit('nightjar');
        $flights = [];
        foreach ([1, 2, 3, 4] as $seed) {
            [$flight, $log, $with] = self::flown(
                $circuit,
                $seed % 2 === 0 ? 'hover-and-land' : 'speed-run',
                new RehearsalSettings($seed),
            );
            $truly = $flight->track->column(TrackColumn::Used) ?? [];
            $facts = FlightAnalysis::of($log, $with)->facts;
            $flights[] = [
                // A sensor that reads six per cent too little.
                'reported' => (float) $facts->used * 0.94,
                'charged' => (float) end($truly),
                'current' => $facts->currentMean,
            ];
        }
        $calibration = Calibration::of($flights);

        self::assertEqualsWithDelta(1 / 0.94, $calibration?->scale, 0.01);
        self::assertFalse($calibration?->trusts());
    }

    public function test_the_circles_of_a_thermal_are_found_with_their_climb(): void
    {
        $circuit = self::circuit('dunlin');
        [$flight, $log, $with] = self::flown($circuit, 'wind', new RehearsalSettings(8));
        $circles = FlightAnalysis::of($log, $with)->circles;

        self::assertNotSame([], $circles);
        foreach ($circles as $one) {
            $rows = [$flight->rowAt($one->from), $flight->rowAt($one->to)];
            $gain =
                (float) $flight->track->at($rows[1], TrackColumn::Height) -
                (float) $flight->track->at($rows[0], TrackColumn::Height);
            self::assertGreaterThanOrEqual(1.5, $one->circles());
            self::assertEqualsWithDelta($gain / ($one->to - $one->from), $one->climb, 0.3);
        }
    }

    public function test_facts_are_those_of_the_track(): void
    {
        foreach (['dunlin' => 'out-and-back', 'nightjar' => 'speed-run'] as $aircraft => $script) {
            [$flight, $log, $with] = self::flown(self::circuit($aircraft), $script, new RehearsalSettings(11));
            $facts = FlightAnalysis::of($log, $with)->facts;
            $most = fn (TrackColumn $one): float => max(
                array_filter($flight->track->column($one) ?? [], is_float(...)) ?: [0.0],
            );
            $far = max(
                array_map(
                    fn (?float $east, ?float $north): float => hypot((float) $east, (float) $north),
                    $flight->track->column(TrackColumn::East) ?? [],
                    $flight->track->column(TrackColumn::North) ?? [],
                ),
            );

            self::assertEqualsWithDelta($most(TrackColumn::Height), $facts->highest, 5.0, $aircraft);
            self::assertEqualsWithDelta($most(TrackColumn::Speed), $facts->fastest, 1.5, $aircraft);
            self::assertEqualsWithDelta($far, $facts->farthest, 8.0, $aircraft);
            self::assertEqualsWithDelta(
                $most(TrackColumn::Used),
                $facts->used,
                0.05 * $most(TrackColumn::Used),
                $aircraft,
            );
        }
    }
}
