<?php

namespace DuskSwitch\Core\Telemetry;

use DuskSwitch\Core\Kit\Shelf;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Sense\Derivation;
use DuskSwitch\Core\Program\Sense\Derived;
use DuskSwitch\Core\Units\Dimension;
use DuskSwitch\Core\Units\Range;
use DuskSwitch\Core\Units\Unit;
use DuskSwitch\Core\Units\UnitSystem;

/** All telemetry values that a program has: the link's own, those of its sensors, and those that are worked out. */
final readonly class Values
{
    /** The link's own values; they are there where anything comes back at all (common practice). */
    private const LINK = [
        'link-quality' => ['Link quality', Dimension::Percent, [0.0, 100.0]],
        'link-level' => ['Link level', Dimension::Level, [-130.0, 0.0]],
        'receiver-volts' => ['Receiver supply', Dimension::Voltage, [3.0, 10.0]],
    ];

    /** Volts. */
    private const FULLEST_CELL = 4.5;

    /**
     * @param  array<string, Value>  $all  by id
     * @param  UnitSystem  $system  in which they are read where nothing else is chosen for one
     */
    private function __construct(public array $all, public UnitSystem $system) {}

    /** The values of a program with what is in Stores. */
    public static function of(Program $program, Shelf $shelf): self
    {
        $sense = $program->sense;
        $system = $sense->system ?? $shelf->units();
        $all = [];
        $unit = fn (string $id, Dimension $dimension, bool $upright): Unit => $sense->units[$id] ?? $system->unit($dimension, $upright);
        if ($shelf->receiver($program->receiver ?? '')?->telemetry === true) {
            foreach (self::LINK as $id => [$name, $dimension, $range]) {
                $all[$id] = new Value($id, $name, $dimension, false, $unit($id, $dimension, false), new Range(...$range), 'the link itself', false);
            }
        }
        foreach ($sense->chain as $fitted) {
            $sensor = $shelf->sensor($fitted->sensor);
            foreach ($sensor->quantities ?? [] as $quantity) {
                $id = "{$fitted->id}-{$quantity->id}";
                $dimension = $quantity->unit->dimension();
                $upright = $dimension === Dimension::Speed && $quantity->range->low < 0;
                $all[$id] = new Value(
                    $id, $quantity->name, $dimension, $upright, $unit($id, $dimension, $upright),
                    new Range($quantity->unit->toBase($quantity->range->low), $quantity->unit->toBase($quantity->range->high)), $sensor->name ?? '', false, $quantity->divided,
                );
            }
        }
        foreach ($sense->values as $derived) {
            $dimension = self::dimension($derived, $all);
            $upright = in_array($derived->does, [Derivation::Climb, Derivation::EnergyClimb], true) || ($derived->of !== [] && ($all[$derived->of[0]]->upright ?? false) && $dimension === Dimension::Speed);
            $all[$derived->id] = new Value($derived->id, $derived->name, $dimension, $upright, $unit($derived->id, $dimension, $upright), self::range($derived, $all), $derived->does->says(), true);
        }

        return new self($all, $system);
    }

    /** The value of that id, or null. */
    public function find(string $id): ?Value
    {
        return $this->all[$id] ?? null;
    }

    /** A length or a speed as the pilot reads it: "400 ft". */
    public function say(float $base, Dimension $dimension): string
    {
        $unit = $this->system->unit($dimension);

        return round($unit->fromBase($base)).' '.$unit->shown();
    }

    /**
     * Between which ends a value that is worked out stays; null where nothing is known.
     *
     * @param  array<string, Value>  $all
     */
    private static function range(Derived $derived, array $all): ?Range
    {
        $of = ($all[$derived->of[0] ?? ''] ?? null)?->range;

        return match ($derived->does) {
            Derivation::Least, Derivation::Most => $of,
            Derivation::Relative => $of === null ? null : new Range($of->low - $of->high, $of->high - $of->low),
            // No cell that flies holds more (common practice).
            Derivation::CellAverage => new Range(0.0, self::FULLEST_CELL),
            Derivation::Bearing, Derivation::WindFrom => new Range(0.0, 360.0),
            default => null,
        };
    }

    /** @param  array<string, Value>  $all */
    private static function dimension(Derived $derived, array $all): Dimension
    {
        return match ($derived->does) {
            Derivation::Least, Derivation::Most, Derivation::Sum, Derivation::Scale => ($all[$derived->of[0] ?? ''] ?? null)->dimension ?? Dimension::Number,
            Derivation::CellAverage => Dimension::Voltage,
            Derivation::Power => Dimension::Power,
            Derivation::Used => Dimension::Charge,
            Derivation::Relative, Derivation::Distance, Derivation::Slant => Dimension::Length,
            Derivation::Bearing, Derivation::WindFrom => Dimension::Angle,
            Derivation::Climb, Derivation::EnergyClimb, Derivation::WindSpeed, Derivation::TrueAirspeed => Dimension::Speed,
            Derivation::Glide => Dimension::Number,
            Derivation::Density => Dimension::Density,
            Derivation::Timer => Dimension::Time,
        };
    }
}
