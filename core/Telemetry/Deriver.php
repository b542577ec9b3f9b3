<?php

namespace DuskSwitch\Core\Telemetry;

use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Telemetry\Computation;
use DuskSwitch\Core\Program\Telemetry\DerivationInputs;
use DuskSwitch\Core\Program\Telemetry\DerivedValue;

/** Works a program's derived values out, sample by sample, from a reset at the field on. */
final class Deriver
{
    /** Fewer satellites than this are no fix (common practice): until then there is no home. */
    private const FIX = 4;

    /** @var array<string, Computation> by the value's id */
    private array $computations = [];

    /** @var array<string, DerivationInputs> what each works with, asked once */
    private array $wants = [];

    /** @var array<string, Watcher> for those whose time runs while a condition holds */
    private array $watchers = [];

    private float $before = 0.0;

    /** What resets it, where the program says. */
    private readonly ?Watcher $reset;

    private bool $wasReset = false;

    /**
     * @param  int  $cells  of the pack, for cell averages
     * @param  array<string, string>  $satellites  ids of values: what tells of the fix of a position, {@see Values::satellites()}
     */
    public function __construct(
        private readonly Program $program,
        Transmitter $transmitter,
        private readonly int $cells,
        private readonly array $satellites = [],
    ) {
        $when = $program->sense->reset;
        $this->reset = $when === null ? null : Watcher::of($when, $program, $transmitter);
        foreach ($program->sense->values as $derived) {
            $this->computations[$derived->id] = $derived->does->begin($derived, max(1, $cells));
            $this->wants[$derived->id] = $derived->does->wants();
            if ($this->wants[$derived->id]->while && $derived->while !== null) {
                $this->watchers[$derived->id] = Watcher::of($derived->while, $program, $transmitter);
            }
        }
    }

    /** Resets: heights, home, highest and used capacity count from here; timers go on. */
    public function reset(): void
    {
        foreach ($this->program->sense->values as $derived) {
            if (! $this->wants[$derived->id]->while) {
                $this->computations[$derived->id] = $derived->does->begin($derived, max(1, $this->cells));
            }
        }
    }

    /** The sample with the derived values; a value of which something is missing is missing, too. */
    public function next(Sample $sample): Sample
    {
        $seconds = max(0.0, $sample->time - $this->before);
        $this->before = $sample->time;
        $asks = $this->reset?->sees($sample) === true;
        if ($asks && ! $this->wasReset) {
            $this->reset();
        }
        $this->wasReset = $asks;
        $values = $sample->values;
        foreach ($this->program->sense->values as $derived) {
            $value = $this->worked($derived, $values, $sample, $seconds);
            if ($value !== null) {
                $values[$derived->id] = $value;
            }
        }

        return $sample->with($values);
    }

    /** @param  array<string, float>  $values  those of the sample and those that were calculated before this one */
    private function worked(DerivedValue $derived, array $values, Sample $sample, float $seconds): ?float
    {
        $of = [];
        foreach ($derived->of as $id) {
            if (! isset($values[$id])) {
                return null;
            }
            $of[] = $values[$id];
        }
        $wants = $this->wants[$derived->id];
        if ($wants->while) {
            $watcher = $this->watchers[$derived->id] ?? null;
            $runs = $watcher !== null && $watcher->sees($sample->with($values));

            return $this->computations[$derived->id]->next($of, $runs ? $seconds : 0.0);
        }

        return $of === [] || ($wants->fix && ! $this->hasFix($derived, $values))
            ? null
            : $this->computations[$derived->id]->next($of, $seconds);
    }

    /**
     * False where the receiver of the position tells that it has no fix.
     *
     * @param  array<string, float>  $values
     */
    private function hasFix(DerivedValue $derived, array $values): bool
    {
        $id = $this->satellites[$derived->of[0] ?? ''] ?? '';

        return ! isset($values[$id]) || $values[$id] >= self::FIX;
    }
}
