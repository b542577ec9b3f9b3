<?php

namespace DuskSwitch\Core\Telemetry;

use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Sense\DerivationKind;
use DuskSwitch\Core\Program\Sense\DerivedValue;
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
    public static function of(Program $program, Catalogue $catalogue): self
    {
        $sense = $program->sense;
        $system = $sense->system ?? $catalogue->units();
        $all = [];
        $unit = fn (string $id, Dimension $dimension, bool $upright): Unit => $sense->units[$id] ??
            $system->unit($dimension, $upright);
        if ($catalogue->receiver($program->receiver ?? '')?->telemetry === true) {
            foreach (self::LINK as $id => [$name, $dimension, $range]) {
                $all[$id] = new Value(
                    $id,
                    $name,
                    $dimension,
                    false,
                    $unit($id, $dimension, false),
                    new Range(...$range),
                    'the link itself',
                    false,
                );
            }
        }
        foreach ($sense->chain as $fitted) {
            $sensor = $catalogue->sensor($fitted->sensor);
            foreach ($sensor->quantities ?? [] as $quantity) {
                $id = "{$fitted->id}-{$quantity->id}";
                $dimension = $quantity->unit->dimension();
                $upright = $dimension === Dimension::Speed && $quantity->range->low < 0;
                $all[$id] = new Value(
                    $id,
                    $quantity->name,
                    $dimension,
                    $upright,
                    $unit($id, $dimension, $upright),
                    new Range(
                        $quantity->unit->toBase($quantity->range->low),
                        $quantity->unit->toBase($quantity->range->high),
                    ),
                    $sensor->name ?? '',
                    false,
                    $quantity->divided,
                );
            }
        }
        foreach ($sense->values as $derived) {
            $dimension = self::dimension($derived, $all);
            $upright =
                in_array($derived->does, [DerivationKind::Climb, DerivationKind::EnergyClimb], true) ||
                ($derived->of !== [] && ($all[$derived->of[0]]->upright ?? false) && $dimension === Dimension::Speed);
            $all[$derived->id] = new Value(
                $derived->id,
                $derived->name,
                $dimension,
                $upright,
                $unit($derived->id, $dimension, $upright),
                self::range($derived, $all),
                $derived->does->says(),
                true,
            );
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
    private static function range(DerivedValue $derived, array $all): ?Range
    {
        $of = ($all[$derived->of[0] ?? ''] ?? null)?->range;

        return match ($derived->does) {
            DerivationKind::Least, DerivationKind::Most => $of,
            DerivationKind::Relative => $of === null ? null : new Range($of->low - $of->high, $of->high - $of->low),
            // No cell that flies holds more (common practice).
            DerivationKind::CellAverage => new Range(0.0, self::FULLEST_CELL),
            DerivationKind::Bearing, DerivationKind::WindFrom => new Range(0.0, 360.0),
            default => null,
        };
    }

    /** @param  array<string, Value>  $all */
    private static function dimension(DerivedValue $derived, array $all): Dimension
    {
        return match ($derived->does) {
            DerivationKind::Least, DerivationKind::Most, DerivationKind::Sum, DerivationKind::Scale => (
                $all[$derived->of[0] ?? ''] ?? null
            )->dimension ?? Dimension::Number,
            DerivationKind::CellAverage => Dimension::Voltage,
            DerivationKind::Power => Dimension::Power,
            DerivationKind::Used => Dimension::Charge,
            DerivationKind::Relative, DerivationKind::Distance, DerivationKind::Slant => Dimension::Length,
            DerivationKind::Bearing, DerivationKind::WindFrom => Dimension::Angle,
            DerivationKind::Climb,
            DerivationKind::EnergyClimb,
            DerivationKind::WindSpeed,
            DerivationKind::TrueAirspeed => Dimension::Speed,
            DerivationKind::Glide => Dimension::Number,
            DerivationKind::Density => Dimension::Density,
            DerivationKind::Timer => Dimension::Time,
        };
    }
}
