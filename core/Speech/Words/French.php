<?php

namespace DuskSwitch\Core\Speech\Words;

use DuskSwitch\Core\Speech\LanguageWords;
use DuskSwitch\Core\Speech\Lengths\FrenchLengths;
use DuskSwitch\Core\Speech\WordLengths;
use DuskSwitch\Core\Units\Unit;

/** French, as it is said on the radio (units and words from memory). */
final class French implements LanguageWords
{
    public function locale(): string
    {
        return 'fr';
    }

    public function unit(Unit $unit): array
    {
        return match ($unit) {
            Unit::Volt => ['volt', 'volts', false],
            Unit::Ampere => ['ampère', 'ampères', false],
            Unit::MilliampereHour => ['milliampère-heure', 'milliampères-heures', false],
            Unit::Watt => ['watt', 'watts', false],
            Unit::Metre => ['mètre', 'mètres', false],
            Unit::Foot => ['pied', 'pieds', false],
            Unit::MetrePerSecond => ['mètre par seconde', 'mètres par seconde', false],
            Unit::KilometrePerHour => ['kilomètre par heure', 'kilomètres par heure', false],
            Unit::Knot => ['nœud', 'nœuds', false],
            Unit::MilePerHour => ['mille par heure', 'milles par heure', false],
            Unit::FootPerMinute => ['pied par minute', 'pieds par minute', false],
            Unit::FootPerSecond => ['pied par seconde', 'pieds par seconde', false],
            Unit::Percent => ['pour cent', 'pour cent', false],
            Unit::Decibel => ['décibel', 'décibels', false],
            Unit::Degree => ['degré', 'degrés', false],
            Unit::Celsius => ['degré', 'degrés', false],
            Unit::Fahrenheit => ['degré', 'degrés', false],
            Unit::Turn => ['tour', 'tours', false],
            Unit::Hectopascal => ['hectopascal', 'hectopascals', false],
            Unit::KilogramPerCubicMetre => ['kilogramme par mètre cube', 'kilogrammes par mètre cube', false],
            Unit::Second => ['seconde', 'secondes', true],
            Unit::One => ['', '', false],
        };
    }

    public function isOne(float $number): bool
    {
        return $number < 2.0;
    }

    public function comma(): string
    {
        return 'virgule';
    }

    public function minus(): string
    {
        return 'moins';
    }

    public function missing(): string
    {
        return 'absent';
    }

    public function minutes(): array
    {
        return ['minute', 'minutes'];
    }

    public function minute(): bool
    {
        return true;
    }

    public function lengths(): WordLengths
    {
        return FrenchLengths::table();
    }
}
