<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Flight\PackCharge;
use DuskSwitch\Core\Flight\Recording;
use DuskSwitch\Core\Flight\Track;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Link\PointLevel;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Rehearsal\Flight;
use DuskSwitch\Core\Rehearsal\LandingStrategies;
use DuskSwitch\Core\Rehearsal\LandingStrategy;
use DuskSwitch\Core\Rehearsal\Rehearsal;
use DuskSwitch\Core\Rehearsal\Remark;
use DuskSwitch\Core\Telemetry\Sample;
use PHPUnit\Framework\TestCase;

/** The verdict on flights that are made up row by row, and the schools of landing on them. */
final class FlightVerdictTest extends TestCase
{
    private const ROW = [
        'east' => 0.0,
        'north' => 0.0,
        'height' => 30.0,
        'speed' => 12.0,
        'airspeed' => 12.0,
        'climb' => 0.0,
        'heading' => 0.0,
        'used' => 0.0,
        'cell' => 3.9,
        'amperes' => 10.0,
        'linked' => true,
        'flies' => true,
    ];

    /**
     * Five rows a second.
     *
     * @param  callable(float): array<string, mixed>  $row  by seconds; what it doesn't say is a quiet flight
     */
    private static function recording(
        float $seconds,
        callable $row,
        float $stall = 8.0,
        float $capacity = 1000.0,
    ): Recording {
        $samples = $truth = [];
        for ($i = 0; $i <= $seconds / Flight::EVERY; $i++) {
            $time = round($i * Flight::EVERY, 2);
            $now = $row($time) + self::ROW;
            $truth[] = $now;
            $samples[] = new Sample(
                $time,
                [
                    'v-volts' => $now['cell'] * 3,
                    'v-used' => $now['used'],
                    'link-quality' => $now['linked'] ? 100.0 : 0.0,
                ],
                'main',
                [],
                [],
                [],
            );
        }

        return new Recording(
            $samples,
            Track::ofRows($truth),
            pack: new PackCharge($capacity, $capacity),
            stall: $stall,
        );
    }

    /** @param  list<array<string, mixed>>  $calls */
    private static function program(array $calls): Program
    {
        return ProgramDecoder::decode(
            Given::text([
                'receiver' => 'lantern-r8',
                'aboard' => ['kit' => ['pack' => 'petrel-3s']],
                'sense' => [
                    'chain' => [['id' => 'v', 'sensor' => 'teal-current']],
                    'values' => [['id' => 'cell', 'name' => 'Cell', 'does' => 'cell-average', 'of' => ['v-volts']]],
                    'calls' => array_map(
                        fn (array $call, int $i): array => $call + [
                            'id' => "c{$i}",
                            'name' => "Call {$i}",
                            'priority' => 'warning',
                            'says' => ['Something'],
                        ],
                        $calls,
                        array_keys($calls),
                    ),
                ],
            ]),
        );
    }

    /**
     * @param  list<array<string, mixed>>  $calls
     * @return array<string, Remark> the first of each topic
     */
    private static function verdict(Recording $flight, array $calls): array
    {
        $program = self::program($calls);
        $remarks = [];
        foreach (Rehearsal::listen($flight, $program, Given::transmitter(), Given::catalogue())->verdict as $one) {
            $remarks[$one->topic] ??= $one;
        }

        return $remarks;
    }

    public function test_the_time_from_the_first_warning_to_the_empty_pack(): void
    {
        // 10 A of 1000 mAh: empty after 360 s; the warning comes at 780 mAh, after 280.8 s.
        $flight = self::recording(300, fn (float $t): array => ['used' => ($t * 10) / 3.6]);
        $pack = self::verdict($flight, [['when' => ['sensor' => 'v-used', 'above' => 780]]])['Pack'];

        self::assertSame(PointLevel::Fine, $pack->level);
        self::assertStringContainsString(
            'First warning of the pack at 4:41; it would have been empty 79 s later',
            $pack->says,
        );

        $late = self::verdict($flight, [['when' => ['sensor' => 'v-used', 'above' => 820]]])['Pack'];
        self::assertStringContainsString('empty 65 s later', $late->says);
    }

    public function test_a_warning_that_leaves_no_time_is_worth_a_look(): void
    {
        $flight = self::recording(350, fn (float $t): array => ['used' => ($t * 10) / 3.6]);

        self::assertSame(
            PointLevel::Look,
            self::verdict($flight, [['when' => ['sensor' => 'v-used', 'above' => 930]]])['Pack']->level,
        );
        self::assertStringContainsString(
            'little to land in',
            self::verdict($flight, [['when' => ['sensor' => 'v-used', 'above' => 930]]])['Pack']->says,
        );
    }

    public function test_nothing_that_warns_of_the_pack_is_wrong(): void
    {
        $none = self::verdict(self::recording(60, fn (): array => []), [])['Pack'];
        self::assertSame(PointLevel::Wrong, $none->level);
        self::assertStringContainsString('Nothing warns of an empty pack', $none->says);

        $mute = self::verdict(self::recording(60, fn (): array => ['used' => 950.0]), [
            ['when' => ['sensor' => 'cell', 'below' => 2.0]],
        ])['Pack'];
        self::assertStringContainsString('Nothing was said of the pack, and 5 % were left', $mute->says);

        $fine = self::verdict(self::recording(60, fn (): array => ['used' => 300.0]), [
            ['when' => ['sensor' => 'cell', 'below' => 2.0]],
        ])['Pack'];
        self::assertSame(PointLevel::Fine, $fine->level);
    }

    public function test_an_alarm_on_the_receivers_supply_warns_of_no_pack(): void
    {
        self::assertSame(
            PointLevel::Wrong,
            self::verdict(self::recording(60, fn (): array => []), [
                ['when' => ['sensor' => 'receiver-volts', 'below' => 4.5]],
            ])['Pack']->level,
        );
    }

    public function test_a_dip_and_a_state_are_told_apart(): void
    {
        $dip = self::recording(60, fn (float $t): array => ['cell' => $t >= 20 && $t < 21.6 ? 3.3 : 3.8]);
        $state = self::recording(60, fn (float $t): array => ['cell' => $t >= 20 ? 3.3 : 3.8]);
        $alarm = [['when' => ['sensor' => 'cell', 'below' => 3.5]]];

        self::assertSame(
            [PointLevel::Wrong, 'c0', 20.0],
            [
                self::verdict($dip, $alarm)['Sag']->level,
                self::verdict($dip, $alarm)['Sag']->mend,
                self::verdict($dip, $alarm)['Sag']->at,
            ],
        );
        self::assertArrayNotHasKey('Sag', self::verdict($state, $alarm));
        self::assertArrayNotHasKey(
            'Sag',
            self::verdict($dip, [['when' => ['sensor' => 'cell', 'below' => 3.5], 'hold' => 3]]),
            'one that holds isn\'t fooled',
        );
        self::assertArrayNotHasKey(
            'Sag',
            self::verdict($dip, [['when' => ['sensor' => 'cell', 'below' => 3.5], 'priority' => 'note']]),
            'a callout is no alarm',
        );
    }

    public function test_a_lost_link_is_told_with_whether_the_pilot_knew(): void
    {
        $flight = self::recording(60, fn (float $t): array => ['linked' => $t < 30 || $t >= 34]);

        $deaf = self::verdict($flight, [])['Link'];
        self::assertSame([PointLevel::Wrong, 30.0], [$deaf->level, $deaf->at]);
        self::assertStringContainsString('gone for 4 s, and nothing was said of it', $deaf->says);
        $told = self::verdict($flight, [['when' => ['sensor' => 'link-quality', 'below' => 50]]])['Link'];
        self::assertSame(PointLevel::Look, $told->level);
        self::assertStringContainsString('told at 0:30', $told->says);
        self::assertSame(PointLevel::Fine, self::verdict(self::recording(10, fn (): array => []), [])['Link']->level);
    }

    public function test_time_above_the_limit_and_margin_to_the_stall(): void
    {
        $high = self::verdict(
            self::recording(60, fn (float $t): array => ['height' => $t >= 10 && $t < 22 ? 131.0 : 80.0]),
            [],
        );
        self::assertStringContainsString('Above 120 m for 12 s, at most 131 m', $high['Height']->says);
        self::assertSame(10.0, $high['Height']->at);
        self::assertArrayNotHasKey('Height', self::verdict(self::recording(10, fn (): array => []), []));

        self::assertStringContainsString('Slowest in the air 43 km/h, 50 % above the stall', $high['Stall']->says);
        $slow = self::verdict(self::recording(20, fn (float $t): array => ['airspeed' => $t > 10 ? 8.4 : 12.0]), [])[
            'Stall'
        ];
        self::assertSame(PointLevel::Look, $slow->level);
        $stalled = self::verdict(self::recording(20, fn (): array => ['airspeed' => 6.0]), [])['Stall'];
        self::assertStringContainsString('below the stall', $stalled->says);
        self::assertArrayNotHasKey(
            'Stall',
            self::verdict(self::recording(20, fn (): array => [], 0.0), []),
            'what hovers doesn\'t stall',
        );
    }

    public function test_a_talkative_voice_and_what_was_never_said(): void
    {
        $calls = [
            [
                'when' => ['sensor' => 'link-quality', 'above' => 50],
                'repeat' => 1,
                'priority' => 'note',
                'says' => ['The link is very well indeed'],
            ],
            ['when' => ['sensor' => 'cell', 'below' => 1.0], 'name' => 'Never'],
        ];
        $told = self::verdict(self::recording(30, fn (): array => []), $calls);

        self::assertStringContainsString('% of the time: what repeats too often is switched off', $told['Voice']->says);
        self::assertStringContainsString('nobody heard: Never', $told['Not tried']->says);
    }

    public function test_the_worst_comes_first(): void
    {
        $verdict = Rehearsal::listen(
            self::recording(60, fn (float $t): array => ['height' => 130.0, 'linked' => $t < 30]),
            self::program([]),
            Given::transmitter(),
            Given::catalogue(),
        )->verdict;
        $levels = array_map(fn (Remark $one): string => $one->level->value, $verdict);
        $sorted = $levels;
        usort(
            $sorted,
            fn (string $a, string $b): int => array_search($a, ['wrong', 'look', 'fine'], true) <=>
                array_search($b, ['wrong', 'look', 'fine'], true),
        );

        self::assertSame($sorted, $levels);
    }

    public function test_the_schools_land_when_their_own_sign_comes(): void
    {
        // Common practice: 3.5 V under load; 77 to 80 % used (1000 of 1300 mAh).
        $flight = self::recording(
            420,
            fn (float $t): array => [
                'used' => $t * 2.5,
                'flies' => $t >= 20,
                'cell' => match (true) {
                    $t >= 60 && $t < 61 => 3.4,
                    $t >= 300 => 3.45,
                    default => 3.8,
                },
            ],
            0.0,
            1300.0,
        );
        $at = array_map(
            fn (LandingStrategy $one): ?float => $one->at,
            array_column(LandingStrategies::of($flight), null, 'id'),
        );

        self::assertEqualsWithDelta(
            ['dip' => 60.0, 'voltage' => 303.0, 'capacity' => (0.78 * 1300) / 2.5, 'timer' => 260.0],
            $at,
            0.21,
        );
        $left = array_map(
            fn (LandingStrategy $one): ?float => $one->left,
            array_column(LandingStrategies::of($flight), null, 'id'),
        );
        self::assertEqualsWithDelta(1 - 150 / 1300, $left['dip'], 0.01);
        self::assertEqualsWithDelta(0.22, $left['capacity'], 0.01);
    }

    public function test_a_school_whose_sign_never_comes_says_so(): void
    {
        foreach (LandingStrategies::of(self::recording(60, fn (): array => [])) as $school) {
            self::assertNull($school->at, $school->id);
            self::assertNull($school->left);
            self::assertNotSame('', $school->says);
        }
    }
}
