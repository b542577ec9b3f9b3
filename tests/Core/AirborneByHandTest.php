<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Analysis\AirborneTime;
use DuskSwitch\Core\Analysis\Findings;
use DuskSwitch\Core\Analysis\FlightAnalysis;
use DuskSwitch\Core\Analysis\FlownWith;
use DuskSwitch\Core\Analysis\LaidOver;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Log\LoggedFlight;
use DuskSwitch\Core\Units\UnitSystem;
use PHPUnit\Framework\TestCase;

/** When something flew, or drove, on flights that were made by hand. */
final class AirborneByHandTest extends TestCase
{
    use FlownByHand;

    public function test_a_burst_is_no_flight_and_a_motor_test_is_none_either(): void
    {
        $spans = fn (float $seconds, float $speed, ?float $amperes = null): array => AirborneTime::of(
            self::flight(90, [
                'speed' => fn (float $t): ?float => $amperes !== null
                    ? null
                    : ($t >= 20.0 && $t < 20.0 + $seconds
                        ? $speed
                        : 0.0),
                'amperes' => fn (float $t): ?float => $amperes === null
                    ? null
                    : ($t >= 20.0 && $t < 20.0 + $seconds
                        ? $amperes
                        : 0.3),
            ]),
        )->spans;

        self::assertSame([], $spans(2.0, 9.0), 'a second and a half of speed: somebody carried it');
        self::assertCount(1, $spans(2.5, 9.0));
        self::assertSame([], $spans(30.0, 3.9), 'a walk to the strip');
        self::assertCount(1, $spans(30.0, 4.1));
        self::assertSame([], $spans(6.0, 0.0, 25.0), 'a motor test');
        self::assertCount(1, $spans(20.0, 0.0, 25.0));
    }

    public function test_what_drives_is_not_in_the_air(): void
    {
        $badger = FlownWith::of(
            ProgramDecoder::decode(Given::text(['version' => 2, 'family' => 'ground-vehicle', 'name' => 'Dachs'])),
            Given::catalogue(),
        );
        self::assertTrue($badger->drives);
        // A crawler at 1.2 m/s in circles, with a rest of forty seconds; then it is carried home.
        $log = fn (float $rest): LoggedFlight => self::flight(200, [
            'speed' => fn (float $t): float => $t < 10 || ($t > 60 && $t < 60 + $rest) || $t > 160 ? 0.0 : 1.2,
            'course' => fn (float $t): float => fmod(20 * $t, 360.0),
            'height' => fn (float $t): float => 2.0 * sin($t / 9),
            'latitude' => fn (float $t): float => 54.0 + 1e-5 * sin($t / 3),
            'longitude' => fn (float $t): float => 9.0 + 1e-5 * cos($t / 3),
        ])->log;
        $drive = FlightAnalysis::of($log(40.0), $badger);
        self::assertSame([[10.0, 160.5]], $drive->air->spans);
        self::assertCount(2, FlightAnalysis::of($log(70.0), $badger)->air->spans, 'a longer rest parts two drives');
        self::assertSame([], FlightAnalysis::of($log(40.0), new FlownWith())->air->spans, 'as a flight it is none');
        self::assertSame(['Standing', 'Driving', 'Standing'], array_column($drive->events(), 'says'));
        $says = array_column((new Findings($drive, $badger, UnitSystem::Metric))->all(), 'says', 'title');
        self::assertSame('2:31', $says['Driven']);
        self::assertArrayNotHasKey('Wind', $says);
        self::assertArrayNotHasKey('Circles', $says);
        self::assertSame(
            'Laid over each other from start; both were under way as long.',
            (new LaidOver($drive, $drive, UnitSystem::Metric))->json()['says'],
        );
        $parked = FlightAnalysis::of(self::flight(60, ['speed' => fn (): float => 0.0])->log, $badger);
        self::assertStringContainsString(
            'when it drove',
            (new Findings($parked, $badger, UnitSystem::Metric))->all()[0]->says,
        );
        self::assertTrue($badger->unscaled()->drives);
    }

    public function test_two_flights_take_off_together(): void
    {
        $flown = fn (float $start, float $takeOff, float $seconds): FlightAnalysis => FlightAnalysis::of(
            LoggedFlight::of(
                $times = array_map(
                    fn (int $row): float => $start + $row / 2,
                    range(0, (int) (2 * ($takeOff + $seconds + 10))),
                ),
                [
                    'height' => array_map(
                        fn (float $t): float => $t - $start <= $takeOff || $t - $start > $takeOff + $seconds
                            ? 0.0
                            : 50.0,
                        $times,
                    ),
                ],
            ),
        );
        [$short, $long] = [$flown(0.0, 10.0, 60.0), $flown(700.0, 25.0, 100.0)];

        // The longer waited fifteen seconds more before it took off, and flies forty more.
        $over = (new LaidOver($short, $long, UnitSystem::Imperial))->json();
        self::assertEqualsWithDelta([-15.0, 120.0], [$over['times'][0], max($over['times'])], 0.01);
        self::assertSame('Laid over each other from take-off; the other was 0:40 longer in the air.', $over['says']);
        self::assertSame(['Height', 'ft'], [$over['traces'][0]['name'], $over['traces'][0]['unit']]);
        $rises = array_search(
            164.0,
            array_map(fn (?float $one): float => round((float) $one), $over['traces'][0]['data']),
            true,
        );
        self::assertEqualsWithDelta(10.5, $over['times'][$rises], 0.01);
        self::assertEqualsWithDelta(120.0, $over['seconds'], 0.01);

        $back = (new LaidOver($long, $short, UnitSystem::Metric))->json();
        self::assertStringEndsWith('0:40 shorter in the air.', $back['says']);
        self::assertEqualsWithDelta([15.0, 135.0], [$back['times'][0], $back['seconds']], 0.01);
        $never = (new LaidOver($short, $flown(0.0, 5.0, 0.0), UnitSystem::Metric))->json();
        self::assertStringStartsWith('No take-off was found in one of them', $never['says']);
        self::assertSame(0.0, $never['times'][0]);
        self::assertStringEndsWith(
            'in the air as long.',
            (new LaidOver($long, $long, UnitSystem::Metric))->json()['says'],
        );
    }
}
