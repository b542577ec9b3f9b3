<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Log\LogColumn;
use DuskSwitch\Core\Log\LoggedFlight;
use DuskSwitch\Core\Log\LogReading;
use DuskSwitch\Core\Log\TextSource;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/** Tables of whatever wrote them: the same flight must come out of fifty invented dialects. */
final class LogDialectsTest extends TestCase
{
    /** What each column of the flight is kept as, and how exactly it was written. */
    private const KEPT = [
        'lat' => ['latitude', 2e-7],
        'lon' => ['longitude', 2e-7],
        'height' => ['height', 0.006],
        'climb' => ['climb', 0.006],
        'speed' => ['speed', 0.001],
        'volts' => ['volts', 0.001],
        'amperes' => ['amperes', 0.001],
        'used' => ['used', 0.006],
        'link' => ['link-quality', 0.001],
    ];

    /** @param  list<string>  $columns */
    #[DataProviderExternal(Dialects::class, 'all')]
    public function test_the_flight_comes_out_as_it_was(string $text, float $every, array $columns): void
    {
        [$report, $flights] = LogReading::flights(new TextSource($text, 'mine.csv'));

        self::assertSame([], $report->bad->listed());
        self::assertCount(1, $flights, 'midnight parts no flight');
        self::assertSame(Dialects::ROWS, $flights[0]->count());
        self::assertEqualsWithDelta(array_column(Dialects::truth($every), 't'), $flights[0]->times, 0.0011);
        foreach (self::KEPT as $key => [$kept, $exact]) {
            self::assertEqualsWithDelta(
                array_column(Dialects::truth($every), $key),
                $flights[0]->column($kept),
                $exact,
                $kept,
            );
        }
        $dated = in_array('date', $columns, true) || in_array('moment', $columns, true);
        self::assertSame(
            $dated ? Dialects::BEGINS : null,
            $report->epoch === null ? null : (int) round($report->epoch),
        );
        self::assertGreaterThan(0.6, min(array_map(fn (LogColumn $one): float => $one->confidence, $report->columns)));
    }

    public function test_a_mapping_by_hand_counts_before_every_guess(): void
    {
        $text =
            "time,mystery,Alt\n".
            implode("\n", array_map(fn (int $t): string => "{$t},".(100 + $t).",{$t}", range(0, 30)));
        $choice = new \DuskSwitch\Core\Log\ColumnChoice([
            'mystery' => [\DuskSwitch\Core\Log\LogQuantity::Height, \DuskSwitch\Core\Log\LogUnit::of('ft')],
            'Alt' => [\DuskSwitch\Core\Log\LogQuantity::Other, null],
        ]);
        [, $guessed] = LogReading::flights(new TextSource($text, 'a.csv'));
        [, $chosen] = LogReading::flights(new TextSource($text, 'a.csv'), $choice);

        self::assertNull($guessed[0]->column('height'));
        self::assertEqualsWithDelta(130 * 0.3048, self::last($chosen[0], 'height'), 1e-9);
        self::assertNull($chosen[0]->column('altitude'));
    }

    public function test_units_that_no_heading_says_are_found_by_what_fits_together(): void
    {
        // An altitude of 320 with a climb of 12, in a file of feet: one told unit is enough.
        $lines = ['time,alt,climb,speed,lat,lon,dist(ft)'];
        for ($t = 0; $t < 200; $t++) {
            $height = 320 + 60 * sin($t / 5);
            $climb = 12 * cos($t / 5);
            $lines[] = sprintf(
                '%d,%.2f,%.2f,%.2f,%.7f,8.5,%d',
                $t,
                $height,
                $climb,
                29.16,
                47.0 + (15.0 * $t) / 111_320,
                $t,
            );
        }
        [$report, $flights] = LogReading::flights(new TextSource(implode("\n", $lines), 'a.csv'));
        $units = array_combine(
            array_map(fn (LogColumn $one): string => $one->key, $report->columns),
            array_map(fn (LogColumn $one): ?string => $one->unit?->word, $report->columns),
        );

        self::assertSame(['ft', 'ft/s', 'kn'], [$units['altitude'], $units['climb'], $units['speed']]);
        self::assertEqualsWithDelta(15.0, self::last($flights[0], 'speed'), 0.01);
        self::assertFalse($report->columns[0]->unitIsTold, 'a guess is shown as one');
    }

    private static function last(LoggedFlight $flight, string $key): ?float
    {
        $column = $flight->column($key) ?? [null];

        return $column[count($column) - 1];
    }
}
