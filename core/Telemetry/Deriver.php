<?php

namespace DuskSwitch\Core\Telemetry;

use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Sense\DerivationKind;
use DuskSwitch\Core\Program\Sense\DerivedValue;
use DuskSwitch\Core\Telemetry\Derive\Energy;
use DuskSwitch\Core\Telemetry\Derive\Extreme;
use DuskSwitch\Core\Telemetry\Derive\Formula;
use DuskSwitch\Core\Telemetry\Derive\FromHome;
use DuskSwitch\Core\Telemetry\Derive\Integral;
use DuskSwitch\Core\Telemetry\Derive\Offset;
use DuskSwitch\Core\Telemetry\Derive\RoundWind;
use DuskSwitch\Core\Telemetry\Derive\Smoothed;
use DuskSwitch\Core\Telemetry\Derive\Step;

/** Works a program's derived values out, sample by sample, from a reset at the field on. */
final class Deriver
{
    /** Seconds over which a climb is smoothed where nothing is said (from memory). */
    private const SMOOTH = 1.0;

    /** Fewer satellites than this are no fix (common practice): until then there is no home. */
    private const FIX = 4;

    /** @var array<string, Step> */
    private array $steps = [];

    /** @var array<string, Watcher> */
    private array $timers = [];

    /** @var array<string, float> */
    private array $ran = [];

    private float $before = 0.0;

    /** @param  int  $cells  of the pack, for cell averages */
    public function __construct(private readonly Program $program, Transmitter $transmitter, int $cells)
    {
        foreach ($program->sense->values as $derived) {
            if ($derived->does === DerivationKind::Timer) {
                $this->ran[$derived->id] = 0.0;
                if ($derived->while !== null) {
                    $this->timers[$derived->id] = Watcher::of($derived->while, $program, $transmitter);
                }
            } else {
                $this->steps[$derived->id] = self::step($derived, max(1, $cells));
            }
        }
    }

    /** The sample with the derived values; a value of which something is missing is missing, too. */
    public function next(Sample $sample): Sample
    {
        $seconds = max(0.0, $sample->time - $this->before);
        $this->before = $sample->time;
        $values = $sample->values;
        foreach ($this->program->sense->values as $derived) {
            $value = isset($this->steps[$derived->id])
                ? $this->worked($derived, $values, $seconds)
                : $this->timer($derived->id, $sample->with($values), $seconds);
            if ($value !== null) {
                $values[$derived->id] = $value;
            }
        }

        return $sample->with($values);
    }

    /** @param  array<string, float>  $values */
    private function worked(DerivedValue $derived, array $values, float $seconds): ?float
    {
        $of = [];
        foreach ($derived->of as $id) {
            if (! isset($values[$id])) {
                return null;
            }
            $of[] = $values[$id];
        }
        $satellites = in_array(
            $derived->does,
            [DerivationKind::Distance, DerivationKind::Bearing, DerivationKind::Slant],
            true,
        )
            ? $values[(string) preg_replace('/latitude$/D', 'satellites', $derived->of[0] ?? '')] ?? null
            : null;

        return $of === [] || ($satellites !== null && $satellites < self::FIX)
            ? null
            : $this->steps[$derived->id]->next($of, $seconds);
    }

    private function timer(string $id, Sample $sample, float $seconds): float
    {
        return $this->ran[$id] += isset($this->timers[$id]) && $this->timers[$id]->sees($sample) ? $seconds : 0.0;
    }

    private static function step(DerivedValue $derived, int $cells): Step
    {
        [$by, $plus] = [$derived->by ?? 1.0, $derived->plus ?? 0.0];

        return match ($derived->does) {
            DerivationKind::Least => new Extreme(false),
            DerivationKind::Most => new Extreme(true),
            DerivationKind::Sum => new Formula(fn (array $of): float => array_sum($of)),
            DerivationKind::Scale => new Formula(fn (array $of): float => $of[0] * $by + $plus),
            DerivationKind::CellAverage => new Formula(fn (array $of): float => $of[0] / $cells),
            DerivationKind::Power => new Formula(fn (array $of): float => $of[0] * ($of[1] ?? 0.0)),
            DerivationKind::Used => new Integral(),
            DerivationKind::Relative => new Offset(),
            DerivationKind::Distance => new FromHome(false, false),
            DerivationKind::Bearing => new FromHome(true, false),
            DerivationKind::Slant => new FromHome(false, true),
            DerivationKind::Climb => new Smoothed($derived->by ?? self::SMOOTH),
            // Level or rising there is no glide.
            DerivationKind::Glide => new Formula(
                fn (array $of): ?float => ($of[1] ?? 0.0) < -0.1 ? $of[0] / -($of[1] ?? -1.0) : null,
            ),
            DerivationKind::EnergyClimb => new Energy(),
            DerivationKind::WindSpeed => new RoundWind(false),
            DerivationKind::WindFrom => new RoundWind(true),
            DerivationKind::Density => new Formula(
                fn (array $of): float => Atmosphere::density($of[0], $of[1] ?? 15.0),
            ),
            DerivationKind::TrueAirspeed => new Formula(
                fn (array $of): ?float => ($of[1] ?? 0.0) > 0 ? Atmosphere::trueAirspeed($of[0], $of[1]) : null,
            ),
            DerivationKind::Timer => new Formula(fn (array $of): ?float => null),
        };
    }
}
