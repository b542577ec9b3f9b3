<?php

namespace DuskSwitch\Tests\Outside;

use DuskSwitch\Core\Telemetry\Geodesic;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Against GeographicLib (C. F. F. Karney, Algorithms for geodesics, 2013) and Geoscience Australia's published line
 * Flinders Peak to Buninyong.
 */
final class GeodesicTest extends TestCase
{
    public function test_flinders_peak_to_buninyong(): void
    {
        // Geocentric Datum of Australia Technical Manual: 54972.271 m, 306° 52' 05.37"; on GRS 80, which differs from
        // WGS 84 by less than 0.1 mm here.
        [$metres, $bearing] = Geodesic::inverse(
            -(37 + 57 / 60 + 3.7203 / 3600),
            144 + 25 / 60 + 29.5244 / 3600,
            -(37 + 39 / 60 + 10.1561 / 3600),
            143 + 55 / 60 + 35.3839 / 3600,
        );

        self::assertEqualsWithDelta(54972.271, $metres, 0.001);
        self::assertEqualsWithDelta(306 + 52 / 60 + 5.37 / 3600, $bearing, 0.00001);
    }

    /** @return iterable<string, array{list<float>, float, float}> */
    public static function lines(): iterable
    {
        foreach (json_decode((string) file_get_contents(__DIR__.'/geodesic.json'), true)['lines'] ?? [] as $line) {
            yield implode(', ', $line['from']).' to '.implode(', ', $line['to']) => [
                [...$line['from'], ...$line['to']],
                $line['metres'],
                $line['bearing'],
            ];
        }
    }

    /** @param  list<float>  $ends */
    #[DataProvider('lines')]
    public function test_a_line_is_as_long_as_geographiclib_says(array $ends, float $metres, float $bearing): void
    {
        [$is, $towards] = Geodesic::inverse(...$ends);

        self::assertEqualsWithDelta($metres, $is, max(0.0005, $metres * 1e-9));
        self::assertEqualsWithDelta(0.0, fmod($towards - $bearing + 540.0, 360.0) - 180.0, 1e-5);
    }

    public function test_the_same_place_is_nowhere_far(): void
    {
        self::assertSame([0.0, 0.0], Geodesic::inverse(54.3, 8.6, 54.3, 8.6));
    }

    public function test_an_offset_of_a_flight_comes_back_as_its_distance(): void
    {
        foreach ([[300.0, 0.0, 90.0], [0.0, -250.0, 180.0], [-400.0, 300.0, 306.8699]] as [$east, $north, $bearing]) {
            [$lat, $lon] = Geodesic::offset(54.3, 8.6, $east, $north);
            [$metres, $towards] = Geodesic::inverse(54.3, 8.6, $lat, $lon);
            self::assertEqualsWithDelta(hypot($east, $north), $metres, 0.02);
            self::assertEqualsWithDelta($bearing, $towards, 0.01);
        }
    }
}
