<?php

namespace DuskSwitch\Core\Telemetry;

use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Sense\Derivation;
use DuskSwitch\Core\Program\Sense\Derived;
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
            if ($derived->does === Derivation::Timer) {
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
            $value = isset($this->steps[$derived->id]) ? $this->worked($derived, $values, $seconds) : $this->timer($derived->id, $sample->with($values), $seconds);
            if ($value !== null) {
                $values[$derived->id] = $value;
            }
        }

        return $sample->with($values);
    }

    /** @param  array<string, float>  $values */
    private function worked(Derived $derived, array $values, float $seconds): ?float
    {
        $of = [];
        foreach ($derived->of as $id) {
            if (! isset($values[$id])) {
                return null;
            }
            $of[] = $values[$id];
        }
        $satellites = in_array($derived->does, [Derivation::Distance, Derivation::Bearing, Derivation::Slant], true) ? $values[(string) preg_replace('/latitude$/D', 'satellites', $derived->of[0] ?? '')] ?? null : null;

        return $of === [] || ($satellites !== null && $satellites < self::FIX) ? null : $this->steps[$derived->id]->next($of, $seconds);
    }

    private function timer(string $id, Sample $sample, float $seconds): float
    {
        return $this->ran[$id] += isset($this->timers[$id]) && $this->timers[$id]->sees($sample) ? $seconds : 0.0;
    }

    private static function step(Derived $derived, int $cells): Step
    {
        [$by, $plus] = [$derived->by ?? 1.0, $derived->plus ?? 0.0];

        return match ($derived->does) {
            Derivation::Least => new Extreme(false),
            Derivation::Most => new Extreme(true),
            Derivation::Sum => new Formula(fn (array $of): float => array_sum($of)),
            Derivation::Scale => new Formula(fn (array $of): float => $of[0] * $by + $plus),
            Derivation::CellAverage => new Formula(fn (array $of): float => $of[0] / $cells),
            Derivation::Power => new Formula(fn (array $of): float => $of[0] * ($of[1] ?? 0.0)),
            Derivation::Used => new Integral,
            Derivation::Relative => new Offset,
            Derivation::Distance => new FromHome(false, false),
            Derivation::Bearing => new FromHome(true, false),
            Derivation::Slant => new FromHome(false, true),
            Derivation::Climb => new Smoothed($derived->by ?? self::SMOOTH),
            // Level or rising there is no glide.
            Derivation::Glide => new Formula(fn (array $of): ?float => ($of[1] ?? 0.0) < -0.1 ? $of[0] / -($of[1] ?? -1.0) : null),
            Derivation::EnergyClimb => new Energy,
            Derivation::WindSpeed => new RoundWind(false),
            Derivation::WindFrom => new RoundWind(true),
            Derivation::Density => new Formula(fn (array $of): float => Atmosphere::density($of[0], $of[1] ?? 15.0)),
            Derivation::TrueAirspeed => new Formula(fn (array $of): ?float => ($of[1] ?? 0.0) > 0 ? Atmosphere::trueAirspeed($of[0], $of[1]) : null),
            Derivation::Timer => new Formula(fn (array $of): ?float => null),
        };
    }
}
