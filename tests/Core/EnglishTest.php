<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Speech\English;
use DuskSwitch\Core\Units\Unit;
use NumberFormatter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Numbers in words; the whole ones against ICU's spell-out rules, an independent implementation. */
final class EnglishTest extends TestCase
{
    public function test_whole_numbers_are_icus_with_the_and_that_pilots_say(): void
    {
        $icu = new NumberFormatter('en', NumberFormatter::SPELLOUT);
        $icu->setTextAttribute(NumberFormatter::DEFAULT_RULESET, '%spellout-cardinal-verbose');
        foreach (
            [
                ...range(0, 1200),
                1900,
                1999,
                2000,
                2001,
                2345,
                9999,
                10000,
                12345,
                100000,
                100001,
                123456,
                999999,
                1000000,
                1000001,
                2345678,
            ] as $number
        ) {
            self::assertSame(str_replace(',', '', (string) $icu->format($number)), (new English())->number($number, 0));
        }
    }

    /** @return list<array{float, int, string}> */
    public static function numbers(): array
    {
        return [
            [3.5, 1, 'three point five'],
            [3.0, 1, 'three'],
            [3.04, 1, 'three'],
            [3.06, 1, 'three point one'],
            [14.82, 2, 'fourteen point eight two'],
            [-2.5, 1, 'minus two point five'],
            [-0.04, 1, 'zero'],
            [0.5, 0, 'one'],
            [99.6, 0, 'one hundred'],
            [10.05, 2, 'ten point zero five'],
            [1.1, 3, 'one point one zero zero'],
        ];
    }

    #[DataProvider('numbers')]
    public function test_decimals_are_said_digit_by_digit(float $number, int $places, string $said): void
    {
        self::assertSame($said, (new English())->number($number, $places));
    }

    public function test_one_metre_and_two_metres(): void
    {
        $say = fn (float $number, int $places, Unit $unit): string => (new English())->unit($unit, $number, $places);

        self::assertSame(
            ['metre', 'metres', 'metre', 'metres', 'metres'],
            [
                $say(1, 0, Unit::Metre),
                $say(2, 0, Unit::Metre),
                $say(0.9, 0, Unit::Metre),
                $say(0.9, 1, Unit::Metre),
                $say(0, 0, Unit::Metre),
            ],
        );
        self::assertSame(
            ['volts', 'kilometres per hour', 'feet per minute', ''],
            [
                $say(3.5, 1, Unit::Volt),
                $say(60, 0, Unit::KilometrePerHour),
                $say(200, 0, Unit::FootPerMinute),
                $say(8, 0, Unit::One),
            ],
        );
    }

    public function test_time_is_minutes_and_seconds(): void
    {
        $english = new English();

        self::assertSame(
            ['zero seconds', 'one second', 'one minute', 'two minutes five seconds', 'ten minutes'],
            array_map($english->time(...), [0.2, 1.0, 60.4, 125.0, 599.6]),
        );
    }

    public function test_syllables_are_counted_nearly(): void
    {
        $english = new English();
        foreach (
            [
                'height' => 1,
                'altitude' => 3,
                'cell' => 1,
                'three point five volts' => 4,
                'zero' => 2,
                'come home' => 2,
                'fly' => 1,
                '' => 0,
            ] as $text => $count
        ) {
            self::assertEqualsWithDelta($count, $english->syllables($text), $count > 2 ? 1 : 0, $text);
        }
    }
}
