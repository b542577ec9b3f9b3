<?php

namespace DuskSwitch\Core\Speech\Words;

use DuskSwitch\Core\Speech\LanguageWords;
use DuskSwitch\Core\Speech\Lengths\GermanLengths;
use DuskSwitch\Core\Speech\WordLengths;
use DuskSwitch\Core\Units\Unit;

/** German, as it is said on the radio (units and words from memory). */
final class German implements LanguageWords
{
    public function locale(): string
    {
        return 'de';
    }

    public function unit(Unit $unit): array
    {
        return match ($unit) {
            Unit::Volt => ['Volt', 'Volt', false],
            Unit::Ampere => ['Ampere', 'Ampere', false],
            Unit::MilliampereHour => ['Milliamperestunde', 'Milliamperestunden', true],
            Unit::Watt => ['Watt', 'Watt', false],
            Unit::Metre => ['Meter', 'Meter', false],
            Unit::Foot => ['Fuß', 'Fuß', false],
            Unit::MetrePerSecond => ['Meter pro Sekunde', 'Meter pro Sekunde', false],
            Unit::KilometrePerHour => ['Kilometer pro Stunde', 'Kilometer pro Stunde', false],
            Unit::Knot => ['Knoten', 'Knoten', false],
            Unit::MilePerHour => ['Meile pro Stunde', 'Meilen pro Stunde', true],
            Unit::FootPerMinute => ['Fuß pro Minute', 'Fuß pro Minute', false],
            Unit::FootPerSecond => ['Fuß pro Sekunde', 'Fuß pro Sekunde', false],
            Unit::Percent => ['Prozent', 'Prozent', false],
            Unit::Decibel => ['Dezibel', 'Dezibel', false],
            Unit::Degree => ['Grad', 'Grad', false],
            Unit::Celsius => ['Grad', 'Grad', false],
            Unit::Fahrenheit => ['Grad', 'Grad', false],
            Unit::Turn => ['Umdrehung', 'Umdrehungen', true],
            Unit::Hectopascal => ['Hektopascal', 'Hektopascal', false],
            Unit::KilogramPerCubicMetre => ['Kilogramm pro Kubikmeter', 'Kilogramm pro Kubikmeter', false],
            Unit::Second => ['Sekunde', 'Sekunden', true],
            Unit::One => ['', '', false],
        };
    }

    public function isOne(float $number): bool
    {
        return $number === 1.0;
    }

    public function comma(): string
    {
        return 'Komma';
    }

    public function minus(): string
    {
        return 'minus';
    }

    public function missing(): string
    {
        return 'fehlt';
    }

    public function minutes(): array
    {
        return ['Minute', 'Minuten'];
    }

    public function minute(): bool
    {
        return true;
    }

    public function lengths(): WordLengths
    {
        return GermanLengths::table();
    }
}
