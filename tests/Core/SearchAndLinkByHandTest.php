<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Analysis\Comparison;
use DuskSwitch\Core\Analysis\FieldFile;
use DuskSwitch\Core\Analysis\FieldLimits;
use DuskSwitch\Core\Analysis\Findings;
use DuskSwitch\Core\Analysis\FlightAnalysis;
use DuskSwitch\Core\Analysis\FlownWith;
use DuskSwitch\Core\Analysis\LinkFit;
use DuskSwitch\Core\Analysis\MapPlaces;
use DuskSwitch\Core\Analysis\SearchArea;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Log\LoggedFlight;
use DuskSwitch\Core\Telemetry\Geodesic;
use DuskSwitch\Core\Units\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Where it lies, where the link was worse, what two groups tell, and outlines of strangers: worked out beside them. */
final class SearchAndLinkByHandTest extends TestCase
{
    use FlownByHand;

    /** @return array{float, float} metres east and north of its last fix at which it most likely lies */
    private static function middle(float $wind, float $from, ?float $course, ?float $sink, float $speed = 0.0): array
    {
        $area =
            SearchArea::of(
                self::flight(60, [
                    'latitude' => fn (float $t): float => 54.0 + 1e-7 * $t,
                    'longitude' => fn (): float => 9.0,
                    'speed' => fn (): float => $speed,
                    'course' => fn (): ?float => $course,
                    'height' => fn (float $t): float => $t < 3 ? 0.0 : 80.0,
                ]),
                $wind,
                $from,
                $sink,
            ) ?? self::fail();

        return Geodesic::local($area->latitude, $area->longitude, $area->middleLatitude, $area->middleLongitude);
    }

    public function test_what_falls_drifts_with_the_wind_and_keeps_its_course(): void
    {
        // From 80 m it falls for sqrt(2·80/9.80665) = 4.04 s, on average half of them with the wind of 10 m/s: 20 m.
        foreach (
            [270.0 => [20.2, 0.0], 0.0 => [0.0, -20.2], 90.0 => [-20.2, 0.0], 180.0 => [0.0, 20.2]] as $from => $drift
        ) {
            self::assertEqualsWithDelta($drift, self::middle(10.0, (float) $from, 45.0, null), 1.5, "from {$from}°");
        }
        // At 12 m/s it flies on for a second on average, then keeps half of its way: 12 + 24 m, whichever way it flew.
        foreach ([0.0 => [0.0, 36.2], 90.0 => [36.2, 0.0], 225.0 => [-25.6, -25.6]] as $course => $ahead) {
            self::assertEqualsWithDelta(
                $ahead,
                self::middle(0.0, 0.0, (float) $course, null, 12.0),
                1.5,
                "course {$course}°",
            );
        }
        // A glider at 1 m/s of sink has 80 s to turn anywhere and is blown along: by far more than a stone.
        [$east, $north] = self::middle(5.0, 270.0, 0.0, 1.0, 10.0);
        self::assertGreaterThan(150.0, $east);
        self::assertLessThan(300.0, $east);
        self::assertGreaterThan(0.0, $north, 'what falls of it kept its course');
    }

    public function test_a_dip_of_the_link_is_told_with_its_depth_and_place(): void
    {
        // Free space: the slope is 2, −30 dBm at a metre; ten seconds at t = 100 are 20 dB worse, due east at 200 m.
        $level = fn (float $t): float => -30.0 -
            20.0 * log10(10.0 + 1.9 * $t) -
            ($t >= 100.0 && $t < 110.0 ? 20.0 : 0.0);
        $link =
            LinkFit::of(
                self::flight(200, [
                    'latitude' => fn (float $t): float => 54.0,
                    'longitude' => fn (float $t): float => $t < 10
                        ? 9.0
                        : Geodesic::offset(54.0, 9.0, 10.0 + 1.9 * $t, 0.0)[1],
                    'height' => fn (): float => 0.0,
                    'link-level' => fn (float $t): float => $t < 10 ? -31.0 : $level($t),
                ]),
                25.0,
            ) ?? self::fail();
        self::assertEqualsWithDelta([2.0, -30.0], [$link->slope, $link->atAMetre], 1.5);
        self::assertCount(1, $link->nulls);
        $null = $link->nulls[0];
        self::assertEqualsWithDelta([100.0, 109.5], [$null['from'], $null['to']], 0.6);
        self::assertEqualsWithDelta(19.0, $null['depth'], 2.0);
        self::assertEqualsWithDelta(209.0, $null['metres'], 12.0);
        self::assertNotNull($null['bearing']);
        self::assertSame(25.0, $link->milliwatts);
    }

    public function test_a_dip_is_found_and_drawn_where_it_was(): void
    {
        // The second flight of a file: its rows begin at 700 s.
        $times = array_map(fn (int $row): float => 700.0 + $row / 2, range(0, 400));
        $way = fn (float $t): float => $t < 710 ? 0.0 : 10.0 + 1.9 * ($t - 700.0);
        $log = LoggedFlight::of($times, [
            'latitude' => array_map(fn (): float => 54.0, $times),
            'longitude' => array_map(fn (float $t): float => Geodesic::offset(54.0, 9.0, $way($t), 0.0)[1], $times),
            'height' => array_map(fn (float $t): float => $t < 710 ? 0.0 : 30.0, $times),
            'volts' => array_map(fn (): float => 12.0, $times),
            'link-level' => array_map(
                fn (float $t): float => -30.0 -
                    20.0 * log10(max(1.0, hypot($way($t), $t < 710 ? 0.0 : 30.0))) -
                    ($t >= 800 && $t < 810 ? 20.0 : 0.0),
                $times,
            ),
        ]);
        $analysis = FlightAnalysis::of($log, new FlownWith(cells: 3));
        $null = MapPlaces::nulls($analysis)[0];
        self::assertEqualsWithDelta([100.0, 109.5], [$null['from'], $null['to']], 0.6);
        self::assertMatchesRegularExpression('/^The link was 1\d dB below the rest$/', $null['says']);
        $found = array_column(
            (new Findings($analysis, new FlownWith(cells: 3), UnitSystem::Metric))->all(),
            'at',
            'id',
        );
        self::assertEqualsWithDelta(100.0, $found['null'] ?? -1.0, 0.6);
        self::assertSame([4.0, 4.0], array_slice($analysis->series->cell(), 0, 2));
    }

    public function test_groups_without_any_spread(): void
    {
        $same = Comparison::of([5.0, 5.0, 5.0], [5.0, 5.0, 5.0, 5.0]) ?? self::fail();
        self::assertSame([1.0, false], [$same->chance, $same->isReal()]);
        self::assertStringStartsWith('No difference', $same->says());
        $other = Comparison::of([5.0, 5.0, 5.0], [6.0, 6.0, 6.0]) ?? self::fail();
        self::assertSame([0.0, true], [$other->chance, $other->isReal()]);
        self::assertStringStartsWith('A real difference', $other->says());
        $few = Comparison::of([5.0, 5.1, 5.2], [6.0, 6.1]) ?? self::fail();
        self::assertSame([3, 2, null], [$few->flightsBefore, $few->flightsAfter, $few->isReal()]);
        self::assertSame('Too few flights to tell: 3 in each group at least.', $few->says());
    }

    private const SQUARE = [[54.0, 9.0], [54.0, 9.1], [54.1, 9.1]];

    /** @return iterable<string, array{string}> the same outline each time */
    public static function outlines(): iterable
    {
        $ring = [[9.0, 54.0], [9.1, 54.0], [9.1, 54.1], [9.0, 54.0]];
        $polygon = ['type' => 'Polygon', 'coordinates' => [$ring, [[9.01, 54.01], [9.02, 54.01], [9.02, 54.02]]]];
        $feature = ['type' => 'Feature', 'properties' => new \stdClass(), 'geometry' => $polygon];
        yield 'a polygon' => [(string) json_encode($polygon)];
        yield 'a feature' => ["\u{FEFF}".json_encode($feature)];
        yield 'a collection, behind a point' => [
            (string) json_encode([
                'type' => 'FeatureCollection',
                'features' => [
                    ['type' => 'Feature', 'geometry' => ['type' => 'Point', 'coordinates' => [1, 2]]],
                    $feature,
                ],
            ]),
        ];
        yield 'several polygons' => [
            (string) json_encode(['type' => 'MultiPolygon', 'coordinates' => [[$ring], [[[0, 0]]]]]),
        ];
        yield 'a line with heights, not closed' => [
            (string) json_encode([
                'type' => 'LineString',
                'coordinates' => [[9.0, 54.0, 3], [9.1, 54.0, 3], [9.1, 54.1, 3]],
            ]),
        ];
        yield 'KML, behind a point' => [
            '<?xml version="1.0"?><kml><Point><coordinates>1,2</coordinates></Point><Polygon><outerBoundaryIs><LinearRing>'.
            "<coordinates>\n 9.0,54.0,0 9.1,54.0,0\n\t9.1,54.1,0 9.0,54.0,0 </coordinates></LinearRing></outerBoundaryIs></Polygon></kml>",
        ];
        yield 'KML with a prefix' => [
            '<k:kml xmlns:k="x"><k:coordinates>9.0,54.0 9.1,54.0 9.1,54.1</k:coordinates></k:kml>',
        ];
    }

    #[DataProvider('outlines')]
    public function test_an_outline_comes_from_what_others_drew(string $text): void
    {
        self::assertSame(self::SQUARE, FieldLimits::read($text));
    }

    /** @return iterable<string, array{string, string}> */
    public static function none(): iterable
    {
        yield 'two corners' => ['{"type":"LineString","coordinates":[[9,54],[9.1,54]]}', 'three corners at least'];
        yield 'torn' => ['{"type":', 'three corners at least'];
        yield 'a point' => ['<kml><coordinates>1,2,3</coordinates></kml>', 'three corners at least'];
        yield 'latitude first' => [
            '{"type":"LineString","coordinates":[[9,154],[9.1,54],[9,55]]}',
            'outside the globe',
        ];
        yield 'far too fine' => [
            (string) json_encode([
                'type' => 'LineString',
                'coordinates' => array_map(fn (int $one): array => [$one / 1000, 5.0], range(1, 401)),
            ]),
            '401 corners, and 400 are enough',
        ];
    }

    public function test_a_field_goes_out_as_it_came(): void
    {
        // With the clock: the ring is written against it, as RFC 7946 says in 3.1.6.
        $outline = [[54.0, 9.0], [54.1, 9.0], [54.1, 9.1], [54.0, 9.1]];
        $runway = [[54.02, 9.05], [54.03, 9.05]];
        $text = FieldFile::write('Große "Wiese"', $outline, $runway, 120.0);
        $read = json_decode($text, true);
        self::assertSame(
            [[9.1, 54.0], [9.1, 54.1], [9.0, 54.1], [9.0, 54.0], [9.1, 54.0]],
            array_map(
                fn (array $one): array => array_map(floatval(...), $one),
                $read['features'][0]['geometry']['coordinates'][0],
            ),
        );
        self::assertEquals(['name' => 'Große "Wiese"', 'heightLimit' => 120.0], $read['features'][0]['properties']);
        self::assertSame(array_reverse($outline), FieldLimits::read($text));
        self::assertSame($runway, FieldFile::runway($text));

        self::assertSame([], FieldFile::runway(FieldFile::write('x', $outline, [], null)));
        self::assertSame([], FieldFile::runway('no JSON'));
        $against = array_reverse($outline);
        self::assertSame($against, FieldLimits::read(FieldFile::write('x', $against, [], null)));
    }

    #[DataProvider('none')]
    public function test_what_is_no_outline_is_refused(string $text, string $why): void
    {
        $this->expectException(Refused::class);
        $this->expectExceptionMessage($why);
        FieldLimits::read($text);
    }
}
