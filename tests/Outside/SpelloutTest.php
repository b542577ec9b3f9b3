<?php

namespace DuskSwitch\Tests\Outside;

use DuskSwitch\Core\Program\Telemetry\SpokenLanguage;
use DuskSwitch\Core\Speech\English;
use DuskSwitch\Core\Speech\Languages;
use DuskSwitch\Core\Units\Unit;
use NumberFormatter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Numbers in words. English against the rule-based number format of ICU (Unicode CLDR, `spellout-cardinal-verbose`);
 * the others against numbers written as their dictionaries and academies have them: Duden for German, the rectified
 * spelling of 1990 for French, the Real Academia Española for Spanish (from memory).
 */
final class SpelloutTest extends TestCase
{
    public function test_english_is_what_the_rules_of_icu_spell(): void
    {
        $rules = new NumberFormatter('en_GB', NumberFormatter::SPELLOUT);
        $rules->setTextAttribute(NumberFormatter::DEFAULT_RULESET, '%spellout-cardinal-verbose');
        $english = new English();
        foreach ([...range(0, 1250), ...range(1999, 9999, 37), 10_000, 12_345, 100_000, 999_999] as $number) {
            self::assertSame(
                str_replace(',', '', (string) $rules->format($number)),
                $english->number($number, 0),
                (string) $number,
            );
        }
    }

    /** @return array<string, array{string, float, int, Unit|null, string}> language, number, decimals, unit, what is said */
    public static function said(): array
    {
        $rows = [
            ['de', 0, 0, null, 'null'],
            ['de', 1, 0, null, 'eins'],
            ['de', 1, 0, Unit::Volt, 'ein Volt'],
            ['de', 1, 0, Unit::Second, 'eine Sekunde'],
            ['de', 21, 0, Unit::Metre, 'einundzwanzig Meter'],
            ['de', 120, 0, Unit::Metre, 'einhundertzwanzig Meter'],
            ['de', 1234, 0, Unit::MilliampereHour, 'eintausendzweihundertvierunddreißig Milliamperestunden'],
            ['de', 3.5, 1, Unit::Volt, 'drei Komma fünf Volt'],
            ['de', 1.0, 1, Unit::Volt, 'ein Volt'],
            ['de', -2.4, 1, Unit::MetrePerSecond, 'minus zwei Komma vier Meter pro Sekunde'],
            ['de', 3.05, 2, Unit::Volt, 'drei Komma null fünf Volt'],
            ['fr', 1, 0, Unit::Second, 'une seconde'],
            ['fr', 1, 0, Unit::Metre, 'un mètre'],
            ['fr', 21, 0, Unit::Second, 'vingt-et-une secondes'],
            ['fr', 71, 0, Unit::Metre, 'soixante-et-onze mètres'],
            ['fr', 80, 0, Unit::Percent, 'quatre-vingts pour cent'],
            ['fr', 99, 0, Unit::Degree, 'quatre-vingt-dix-neuf degrés'],
            ['fr', 1.5, 1, Unit::Volt, 'un virgule cinq volt'],
            ['fr', 3.5, 1, Unit::Volt, 'trois virgule cinq volts'],
            ['es', 1, 0, Unit::Metre, 'un metro'],
            ['es', 1, 0, Unit::MilePerHour, 'una milla por hora'],
            ['es', 21, 0, Unit::Metre, 'veintiún metros'],
            ['es', 21, 0, null, 'veintiuno'],
            ['es', 100, 0, Unit::Percent, 'cien por ciento'],
            ['es', 122, 0, Unit::Metre, 'ciento veintidós metros'],
            ['es', 3.5, 1, Unit::Volt, 'tres coma cinco voltios'],
            ['es', -7, 0, Unit::Celsius, 'menos siete grados'],
        ];

        return array_column(array_map(fn (array $one): array => ["{$one[0]} {$one[4]}", $one], $rows), 1, 0);
    }

    #[DataProvider('said')]
    public function test_numbers_and_units_go_together(
        string $language,
        float $number,
        int $places,
        ?Unit $unit,
        string $wanted,
    ): void {
        self::assertSame(
            $wanted,
            Languages::in(SpokenLanguage::from($language))->value($number, $places, $unit),
        );
    }

    public function test_times_and_what_is_missing(): void
    {
        $in = fn (string $one) => Languages::in(SpokenLanguage::from($one));

        self::assertSame('eine Minute dreißig Sekunden', $in('de')->time(90.0));
        self::assertSame('eine Sekunde', $in('de')->time(1.0));
        self::assertSame('null Sekunden', $in('de')->time(0.0));
        self::assertSame('vingt-et-une minutes', $in('fr')->time(1260.0));
        self::assertSame('menos un minuto un segundo', $in('es')->time(-61.0));
        self::assertSame(
            ['missing', 'fehlt', 'absent', 'falta'],
            array_map(fn (SpokenLanguage $one): string => Languages::in($one)->missing(), SpokenLanguage::cases()),
        );
    }

    public function test_every_unit_has_words_and_every_number_pieces_in_every_language(): void
    {
        foreach (SpokenLanguage::cases() as $one) {
            $language = Languages::in($one);
            foreach (Unit::cases() as $unit) {
                self::assertSame($unit === Unit::One, $language->unit($unit, 2.0, 0) === '', "{$one->value} {$unit->value}");
            }
            self::assertContains($language->number(20, 0), $language->pieces());
            self::assertStringNotContainsString("\u{AD}", implode('', $language->pieces()));
        }
    }
}
