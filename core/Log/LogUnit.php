<?php

namespace DuskSwitch\Core\Log;

use DuskSwitch\Core\Units\Dimension;
use DuskSwitch\Core\Units\Unit;

/** A unit in which a recording may be written: more than pilots read, as loggers write millivolts and radians. */
final readonly class LogUnit
{
    /**
     * @param  string  $word  as it's shown
     * @param  float  $factor  times which it is the base unit
     * @param  float  $offset  to be added after that
     */
    private function __construct(
        public string $word,
        public Dimension $dimension,
        public float $factor,
        public float $offset = 0.0,
    ) {}

    /** The other spellings of units, by which they are written (common practice). */
    private const SPELLINGS = [
        'v' => 'V', 'volt' => 'V', 'volts' => 'V', 'mv' => 'mV',
        'a' => 'A', 'amp' => 'A', 'amps' => 'A', 'ampere' => 'A', 'amperes' => 'A', 'ma' => 'mA', 'ca' => 'cA',
        'mah' => 'mAh', 'ah' => 'Ah',
        'w' => 'W', 'watt' => 'W', 'watts' => 'W', 'mw' => 'mW', 'kw' => 'kW',
        'm' => 'm', 'meter' => 'm', 'meters' => 'm', 'metre' => 'm', 'metres' => 'm', 'cm' => 'cm', 'dm' => 'dm',
        'mm' => 'mm', 'km' => 'km', 'ft' => 'ft', 'feet' => 'ft', 'foot' => 'ft', 'mi' => 'mi',
        'm/s' => 'm/s', 'mps' => 'm/s', 'ms-1' => 'm/s', 'cm/s' => 'cm/s', 'dm/s' => 'dm/s', 'km/h' => 'km/h',
        'kmh' => 'km/h', 'kph' => 'km/h', 'kn' => 'kn', 'kt' => 'kn', 'kts' => 'kn', 'knot' => 'kn', 'knots' => 'kn',
        'mph' => 'mph', 'mi/h' => 'mph', 'ft/s' => 'ft/s', 'fps' => 'ft/s', 'ft/min' => 'ft/min', 'fpm' => 'ft/min',
        '%' => '%', 'percent' => '%', 'pct' => '%',
        'db' => 'dBm', 'dbm' => 'dBm',
        '°' => '°', 'deg' => '°', 'degree' => '°', 'degrees' => '°', 'rad' => 'rad',
        '°c' => '°C', 'c' => '°C', 'degc' => '°C', '°f' => '°F', 'f' => '°F', 'degf' => '°F',
        'rpm' => 'rpm', '1/min' => 'rpm', 'u/min' => 'rpm',
        'hpa' => 'hPa', 'mbar' => 'hPa',
        's' => 's', 'sec' => 's', 'secs' => 's', 'second' => 's', 'seconds' => 's', 'sek' => 's',
        'ms' => 'ms', 'msec' => 'ms', 'millis' => 'ms', 'us' => 'µs', 'µs' => 'µs', 'usec' => 'µs', 'micros' => 'µs',
        'min' => 'min', 'mins' => 'min', 'minutes' => 'min', 'h' => 'h', 'tick' => 'tick', 'ticks' => 'tick',
    ];

    /** The unit of a word; null for a word that is none. */
    public static function of(string $word): ?self
    {
        $plain = mb_strtolower(trim(str_replace(['²', 'º', 'μ', ' '], ['', '°', 'µ', ''], $word)));

        return isset(self::SPELLINGS[$plain]) ? self::made(self::SPELLINGS[$plain]) : null;
    }

    /** @return list<self> those of a dimension, as they can be chosen */
    public static function all(Dimension $dimension): array
    {
        return array_values(
            array_filter(
                array_map(self::made(...), array_values(array_unique(self::SPELLINGS))),
                fn (self $one): bool => $one->dimension === $dimension,
            ),
        );
    }

    /** The base unit of a dimension. */
    public static function base(Dimension $dimension): self
    {
        return new self($dimension->base()->shown(), $dimension, 1.0);
    }

    /**
     * The scale of a stick by the numbers that it had: pulses in µs, per cent, steps of 1024, or shares. In the base
     * unit a stick goes from −1 to 1, a throttle from 0 to 1.
     */
    public static function stick(float $low, float $high, bool $isThrottle): self
    {
        $far = max(abs($low), abs($high));
        [$word, $half, $middle] = match (true) {
            $low > 700 && $high < 2300 => ['µs', 500.0, 1500.0],
            $far <= 1.6 => ['share', 1.0, 0.0],
            $far <= 160 => ['%', 100.0, 0.0],
            default => ['steps', 1024.0, 0.0],
        };
        // A throttle in per cent or in shares that is never negative begins at its lowest.
        $fromZero = $isThrottle && $low >= 0.0 && $word !== 'µs';

        return ! $isThrottle || $fromZero
            ? new self($word, Dimension::Number, 1 / $half, -$middle / $half)
            : new self($word, Dimension::Number, 0.5 / $half, 0.5 - $middle / (2 * $half));
    }

    /**
     * A unit as it was kept.
     *
     * @param  array{word: string, dimension: string, factor: float|int, offset: float|int}  $kept
     */
    public static function kept(array $kept): self
    {
        return new self($kept['word'], Dimension::from($kept['dimension']), (float) $kept['factor'], (float) $kept['offset']);
    }

    /** @return array{word: string, dimension: string, factor: float, offset: float} what has to be kept of it */
    public function toKeep(): array
    {
        return ['word' => $this->word, 'dimension' => $this->dimension->value, 'factor' => $this->factor, 'offset' => $this->offset];
    }

    /** A unit of time by its length in seconds. */
    public static function time(float $seconds): self
    {
        foreach (self::all(Dimension::Time) as $one) {
            if (abs($one->factor / $seconds - 1) < 1e-9) {
                return $one;
            }
        }

        return new self("{$seconds} s", Dimension::Time, $seconds);
    }

    /** A value in this unit, in the base unit. */
    public function toBase(float $value): float
    {
        return $value * $this->factor + $this->offset;
    }

    private static function made(string $name): self
    {
        $own = match ($name) {
            'mV' => [Dimension::Voltage, 1e-3],
            'mA' => [Dimension::Current, 1e-3],
            'cA' => [Dimension::Current, 1e-2],
            'Ah' => [Dimension::Charge, 1e3],
            'mW' => [Dimension::Power, 1e-3],
            'kW' => [Dimension::Power, 1e3],
            'mm' => [Dimension::Length, 1e-3],
            'cm' => [Dimension::Length, 1e-2],
            'dm' => [Dimension::Length, 1e-1],
            'km' => [Dimension::Length, 1e3],
            'mi' => [Dimension::Length, 1609.344],
            'cm/s' => [Dimension::Speed, 1e-2],
            'dm/s' => [Dimension::Speed, 1e-1],
            'rad' => [Dimension::Angle, 180 / M_PI],
            'ms' => [Dimension::Time, 1e-3],
            'µs' => [Dimension::Time, 1e-6],
            'min' => [Dimension::Time, 60.0],
            'h' => [Dimension::Time, 3600.0],
            // A tick of a hundredth of a second, as small controllers count (common practice).
            'tick' => [Dimension::Time, 1e-2],
            default => null,
        };
        if ($own !== null) {
            return new self($name, $own[0], $own[1]);
        }
        $unit = Unit::from($name);
        $zero = $unit->toBase(0.0);

        return new self($name, $unit->dimension(), $unit->toBase(1.0) - $zero, $zero);
    }
}
