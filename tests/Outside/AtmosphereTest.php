<?php

namespace DuskSwitch\Tests\Outside;

use DuskSwitch\Core\Telemetry\Atmosphere;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Against the tables of ISO 2533:1975, Standard Atmosphere (geopotential altitude). */
final class AtmosphereTest extends TestCase
{
    /** @return array<string, array{float, float, float, float}> metres, K, hPa, kg/m³ */
    public static function table(): array
    {
        return [
            'sea level' => [0.0, 288.15, 1013.25, 1.225],
            '500 m' => [500.0, 284.9, 954.608, 1.16727],
            '1000 m' => [1000.0, 281.65, 898.746, 1.11164],
            '2000 m' => [2000.0, 275.15, 794.952, 1.00649],
            '3000 m' => [3000.0, 268.65, 701.085, 0.909122],
            '5000 m' => [5000.0, 255.65, 540.199, 0.736116],
            '10000 m' => [10000.0, 223.15, 264.363, 0.412707],
        ];
    }

    #[DataProvider('table')]
    public function test_temperature_pressure_and_density_are_the_tables(
        float $height,
        float $kelvin,
        float $pressure,
        float $density,
    ): void {
        self::assertEqualsWithDelta($kelvin, Atmosphere::temperature($height), 1e-9);
        self::assertEqualsWithDelta($pressure, Atmosphere::pressure($height), $pressure * 1e-5);
        self::assertEqualsWithDelta($density, Atmosphere::density($pressure, $kelvin - 273.15), $density * 2e-5);
        self::assertEqualsWithDelta($height, Atmosphere::height($pressure), 0.1);
    }

    public function test_a_probe_at_sea_level_shows_the_speed_of_its_pressure(): void
    {
        // Dynamic pressure ½ρv² with ρ = 1.225: 100 m/s is 6125 Pa, 10 m/s 61.25 Pa.
        self::assertEqualsWithDelta(61.25, Atmosphere::pitot(10.0), 1e-9);
        self::assertEqualsWithDelta(100.0, Atmosphere::airspeed(6125.0), 1e-9);
        self::assertEqualsWithDelta(
            -3.0,
            Atmosphere::airspeed(Atmosphere::pitot(-3.0)),
            1e-9,
            'tubes on the wrong ports read below zero',
        );
        // Blown into, about 28 km/h (common practice): some 37 Pa.
        self::assertEqualsWithDelta(28.0, Atmosphere::airspeed(37.05) * 3.6, 0.05);
    }

    public function test_in_thin_air_one_flies_faster_than_the_probe_says(): void
    {
        self::assertEqualsWithDelta(20.0, Atmosphere::trueAirspeed(20.0, 1.225), 1e-9);
        self::assertEqualsWithDelta(20 * sqrt(1.225 / 1.00649), Atmosphere::trueAirspeed(20.0, 1.00649), 1e-9);
    }
}
