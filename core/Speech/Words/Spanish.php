<?php

namespace DuskSwitch\Core\Speech\Words;

use DuskSwitch\Core\Speech\LanguageWords;
use DuskSwitch\Core\Speech\Lengths\SpanishLengths;
use DuskSwitch\Core\Speech\WordLengths;
use DuskSwitch\Core\Units\Unit;

/** Spanish, as it is said on the radio (units and words from memory). */
final class Spanish implements LanguageWords
{
    public function locale(): string
    {
        return 'es';
    }

    public function unit(Unit $unit): array
    {
        return match ($unit) {
            Unit::Volt => ['voltio', 'voltios', false],
            Unit::Ampere => ['amperio', 'amperios', false],
            Unit::MilliampereHour => ['miliamperio hora', 'miliamperios hora', false],
            Unit::Watt => ['vatio', 'vatios', false],
            Unit::Metre => ['metro', 'metros', false],
            Unit::Foot => ['pie', 'pies', false],
            Unit::MetrePerSecond => ['metro por segundo', 'metros por segundo', false],
            Unit::KilometrePerHour => ['kilómetro por hora', 'kilómetros por hora', false],
            Unit::Knot => ['nudo', 'nudos', false],
            Unit::MilePerHour => ['milla por hora', 'millas por hora', true],
            Unit::FootPerMinute => ['pie por minuto', 'pies por minuto', false],
            Unit::FootPerSecond => ['pie por segundo', 'pies por segundo', false],
            Unit::Percent => ['por ciento', 'por ciento', false],
            Unit::Decibel => ['decibelio', 'decibelios', false],
            Unit::Degree => ['grado', 'grados', false],
            Unit::Celsius => ['grado', 'grados', false],
            Unit::Fahrenheit => ['grado', 'grados', false],
            Unit::Turn => ['vuelta', 'vueltas', true],
            Unit::Hectopascal => ['hectopascal', 'hectopascales', false],
            Unit::KilogramPerCubicMetre => ['kilogramo por metro cúbico', 'kilogramos por metro cúbico', false],
            Unit::Second => ['segundo', 'segundos', false],
            Unit::One => ['', '', false],
        };
    }

    public function isOne(float $number): bool
    {
        return $number === 1.0;
    }

    public function comma(): string
    {
        return 'coma';
    }

    public function minus(): string
    {
        return 'menos';
    }

    public function missing(): string
    {
        return 'falta';
    }

    public function minutes(): array
    {
        return ['minuto', 'minutos'];
    }

    public function minute(): bool
    {
        return false;
    }

    public function lengths(): WordLengths
    {
        return SpanishLengths::table();
    }
}
