<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Program\Condition\SensorLevel;
use DuskSwitch\Core\Telemetry\Threshold;
use DuskSwitch\Core\Telemetry\Values;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Telemetry conditions in the pilot's units. The international foot is 0.3048 m, a knot 1852 m/h (BIPM). */
final class ThresholdTest extends TestCase
{
    private static function of(string $demo, string $system): Threshold
    {
        $document = json_decode(Given::demo($demo));
        $document->sense->system = $system;

        return new Threshold(
            Values::of(
                Given::circuit((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION))->program,
                Given::catalogue(),
            ),
        );
    }

    /** @return array<string, array{string, string, string, bool, float, float, SensorLevel, string}> */
    public static function levels(): array
    {
        return [
            'a height in feet' => [
                'petrel',
                'imperial',
                'height',
                true,
                400.0,
                10.0,
                new SensorLevel('height', true, 121.92, 3.048),
                'Height above 400 ft',
            ],
            'a height in metres' => [
                'petrel',
                'metric',
                'height',
                true,
                120.0,
                0.0,
                new SensorLevel('height', true, 120.0),
                'Height above 120 m',
            ],
            'a sink' => [
                'petrel',
                'nautical',
                'climb',
                false,
                -300.0,
                60.0,
                new SensorLevel('climb', false, -1.524, 0.3048),
                'Climb, smoothed below −300 ft/min',
            ],
            'a speed in knots' => [
                'dunlin',
                'nautical',
                'air-airspeed',
                false,
                25.0,
                2.0,
                new SensorLevel('air-airspeed', false, 12.861111, 1.028889),
                'Airspeed below 25 kn',
            ],
            'a cell' => [
                'petrel',
                'imperial',
                'cell',
                false,
                3.5,
                0.05,
                new SensorLevel('cell', false, 3.5, 0.05),
                'Cell below 3.5 V',
            ],
        ];
    }

    #[DataProvider('levels')]
    public function test_a_level_goes_in_and_comes_back_in_the_pilots_unit(
        string $demo,
        string $system,
        string $sensor,
        bool $above,
        float $level,
        float $hysteresis,
        SensorLevel $kept,
        string $says,
    ): void {
        $threshold = self::of($demo, $system);
        $made = $threshold->of($sensor, $above, $level, $hysteresis);

        self::assertEqualsWithDelta($kept, $made, 1e-9);
        self::assertSame($says, $threshold->say($made));
        self::assertSame(
            [$above, $level, $hysteresis],
            [$threshold->read($made)['above'], $threshold->read($made)['level'], $threshold->read($made)['hysteresis']],
        );
    }

    public function test_a_warmth_of_nothing_is_no_hysteresis(): void
    {
        // 0 °F are -17.8 °C, but a hysteresis of 18 °F is one of 10 K.
        $document = json_decode(Given::demo('rook'));
        $document->sense->system = 'imperial';
        $values = Values::of(
            Given::circuit((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION))->program,
            Given::catalogue(),
        );
        $warm = array_values(array_filter($values->all, fn ($one): bool => $one->unit->value === '°F'))[0];
        $made = (new Threshold($values))->of($warm->id, true, 212.0, 18.0);

        self::assertEqualsWithDelta([100.0, 10.0], [$made->level, $made->hysteresis], 1e-6);
    }

    public function test_what_nothing_sends_is_refused_with_what_there_is(): void
    {
        $this->expectException(Refused::class);
        $this->expectExceptionMessageMatches('/nothing sends "moon"; the program has .*height/');
        self::of('petrel', 'metric')->of('moon', true, 1.0);
    }

    public function test_what_is_gone_is_still_read(): void
    {
        self::assertSame('moon below 3', self::of('petrel', 'imperial')->say(new SensorLevel('moon', false, 3.0)));
    }
}
