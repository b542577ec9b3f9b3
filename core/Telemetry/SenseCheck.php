<?php

namespace DuskSwitch\Core\Telemetry;

use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Link\PointLevel;
use DuskSwitch\Core\Link\VerdictPoint;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Condition\ControlAt;
use DuskSwitch\Core\Program\Condition\ControlLevel;
use DuskSwitch\Core\Program\Condition\FunctionLevel;
use DuskSwitch\Core\Program\Condition\Named;
use DuskSwitch\Core\Program\Condition\PhaseIs;
use DuskSwitch\Core\Program\Condition\SensorLevel;
use DuskSwitch\Core\Program\Condition\StepIs;
use DuskSwitch\Core\Program\ConditionTree;
use DuskSwitch\Core\Program\ConditionUsages;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Sense\Callout;
use DuskSwitch\Core\Program\Sense\DerivationKind;
use DuskSwitch\Core\Program\Sense\DerivedValue;
use DuskSwitch\Core\Program\Sense\PhrasePart;
use DuskSwitch\Core\Program\SteppedFunction;
use DuskSwitch\Core\Units\Dimension;

/** What is worked out and what is said: values that aren't there, alarms that can never fire or always do, phrases with nothing to say. */
final readonly class SenseCheck
{
    /** A dip under load lasts less than this: an alarm on a voltage holds so long before it speaks (common practice). */
    private const DIP = 2.0;

    /** What is repeated more often is switched off, and then missed (common practice). */
    private const OFTEN = 3.0;

    public function __construct(private Program $program, private Transmitter $transmitter, private Values $values) {}

    /** How many things of the chain, the values and what is said can't work; null where nothing is sensed. */
    public static function wrong(InstalledKit $kit, Catalogue $catalogue): ?int
    {
        if ($kit->program->sense->isEmpty()) {
            return null;
        }
        $check = new self($kit->program, $kit->transmitter, Values::of($kit->program, $catalogue));
        $points = [...(new SensorChain($kit))->points(), ...array_column($check->points(), 1)];

        return count(array_filter($points, fn (VerdictPoint $one): bool => $one->level === PointLevel::Wrong));
    }

    /**
     * Points by what they are about: "value:cell", "call:cell-low", "program".
     *
     * @return list<array{string, VerdictPoint}>
     */
    public function points(): array
    {
        $points = [];
        foreach ($this->program->sense->values as $index => $derived) {
            foreach ($this->derived($derived, $index) as $point) {
                $points[] = ["value:{$derived->id}", $point];
            }
        }
        foreach ($this->program->sense->calls as $call) {
            foreach ([...$this->when($call), ...$this->phrase($call), ...$this->manner($call)] as $point) {
                $points[] = ["call:{$call->id}", $point];
            }
        }
        foreach ($this->program->sense->announces as $id) {
            if ($id !== 'phase' && ! ($this->program->function($id) instanceof SteppedFunction)) {
                $points[] = [
                    'program',
                    VerdictPoint::wrong(
                        'Announced',
                        "There is no switched function \"{$id}\" to announce.",
                        'Take it out, or make the function.',
                    ),
                ];
            }
        }
        foreach ($this->conditions() as [$where, $one]) {
            $point = $this->level("The condition of {$where}", 'hold', 'holds', $one);
            if ($point !== null) {
                $points[] = ['program', $point];
            }
        }

        return $points;
    }

    /** @return list<VerdictPoint> */
    private function derived(DerivedValue $derived, int $index): array
    {
        $wants = DerivationInputs::of($derived->does);
        $words = DerivationInputs::inWords($derived->does);
        if ($derived->does === DerivationKind::Timer) {
            return $derived->while === null
                ? [
                    VerdictPoint::wrong(
                        'Value',
                        "{$derived->name} never runs: it needs {$words}.",
                        'Say when it runs, as while armed.',
                    ),
                ]
                : [];
        }
        if (
            count($derived->of) < count($wants) ||
            (count($derived->of) > count($wants) && ! DerivationInputs::several($derived->does))
        ) {
            return [
                VerdictPoint::wrong(
                    'Value',
                    "{$derived->name} is worked out of {$words}; ".count($derived->of).' are given.',
                    'Choose '.($wants === [] ? 'none' : count($wants)).'.',
                ),
            ];
        }
        $points = [];
        $later = array_column(array_slice($this->program->sense->values, $index), 'id');
        foreach ($derived->of as $place => $id) {
            $value = $this->values->find($id);
            $wanted = $wants[min($place, count($wants) - 1)];
            $points[] = match (true) {
                $value === null => VerdictPoint::wrong(
                    'Value',
                    "{$derived->name} looks at \"{$id}\", which nothing sends.",
                    'Add the sensor, or choose another value.',
                ),
                in_array($id, $later, true) => VerdictPoint::wrong(
                    'Value',
                    "{$derived->name} looks at {$value->name}, which is worked out after it.",
                    "Move it behind {$value->name}.",
                ),
                $wanted !== null && $value->dimension !== $wanted => VerdictPoint::wrong(
                    'Value',
                    "{$derived->name} wants {$words}; {$value->name} is a {$value->dimension->value}.",
                    "Choose a {$wanted->value} there.",
                ),
                // Common practice.
                $value->divided && $derived->does === DerivationKind::Scale && ($derived->by ?? 1.0) !== 1.0 => VerdictPoint::wrong(
                    'Value',
                    "{$derived->name} divides {$value->name} again: {$value->from} has applied poles and gear ratio, and they are applied once only.",
                    "Set the factor to 1, or take {$derived->name} out.",
                ),
                default => null,
            };
        }

        return array_values(array_filter($points));
    }

    /** @return list<VerdictPoint> */
    private function when(Callout $call): array
    {
        $points = [];
        foreach (
            [...ConditionTree::all($call->when), ...$call->after === null ? [] : ConditionTree::all($call->after)] as $one
        ) {
            $points[] = match (true) {
                $one instanceof SensorLevel => $this->level($call->name, 'fire', 'speaks', $one),
                $one instanceof StepIs => $this->step($call, $one),
                $one instanceof PhaseIs => in_array($one->phase, array_column($this->program->phases, 'id'), true)
                    ? null
                    : $this->missing($call, "phase \"{$one->phase}\""),
                $one instanceof FunctionLevel => $this->program->function($one->function) !== null
                    ? null
                    : $this->missing($call, "function \"{$one->function}\""),
                $one instanceof ControlAt, $one instanceof ControlLevel => $this->transmitter->control(
                    $one->control,
                ) !== null
                    ? null
                    : $this->missing($call, "control \"{$one->control}\" on {$this->transmitter->name}"),
                $one instanceof Named => isset($this->program->conditions[$one->name])
                    ? null
                    : $this->missing($call, "condition \"{$one->name}\""),
                default => null,
            };
        }

        return array_values(array_filter($points));
    }

    private function step(Callout $call, StepIs $one): ?VerdictPoint
    {
        $function = $this->program->function($one->function);

        return $function instanceof SteppedFunction && $function->indexOf($one->step) !== null
            ? null
            : $this->missing($call, "step \"{$one->step}\" of \"{$one->function}\"");
    }

    private function missing(Callout $call, string $what): VerdictPoint
    {
        return VerdictPoint::wrong(
            'When',
            "{$call->name} waits for a {$what}, and there is none: it never speaks.",
            'Choose something that is there.',
        );
    }

    /** @return list<array{string, SensorLevel}> what of the program hangs on telemetry, with where it stands */
    private function conditions(): array
    {
        $levels = [];
        ConditionUsages::of($this->program, function (Condition $one) use (&$levels): bool {
            if ($one instanceof SensorLevel && ! in_array($one, $levels, false)) {
                $levels[] = $one;
            }

            return false;
        });

        return array_map(
            fn (SensorLevel $level): array => [
                implode(', ', ConditionUsages::of($this->program, fn (Condition $one): bool => $one == $level)),
                $level,
            ],
            $levels,
        );
    }

    private function level(string $who, string $fire, string $speaks, SensorLevel $one): ?VerdictPoint
    {
        $value = $this->values->find($one->sensor);
        if ($value === null) {
            return VerdictPoint::wrong(
                'When',
                "{$who} looks at \"{$one->sensor}\", which nothing sends: it never {$speaks}.",
                'Add the sensor, or choose another value.',
            );
        }
        $range = $value->range;
        if ($range === null) {
            return null;
        }
        $never = $one->above ? $one->level >= $range->high : $one->level <= $range->low;
        $always = $one->above ? $one->level < $range->low : $one->level > $range->high;
        $shown = fn (float $base): string => str_replace('-', '−', (string) round($value->unit->fromBase($base), 2)).
            ' '.
            $value->unit->shown();

        return match (true) {
            $never => VerdictPoint::wrong(
                'When',
                "{$who} can never {$fire}: {$value->name} goes from {$shown($range->low)} to {$shown(
                    $range->high,
                )}, and it waits for ".
                    ($one->above ? 'more' : 'less').
                    " than {$shown($one->level)}.",
                'Choose a level inside that range.',
            ),
            $always => VerdictPoint::wrong(
                'When',
                "{$who} always holds: {$value->name} is never ".
                    ($one->above ? 'below' : 'above').
                    " {$shown($one->above ? $range->low : $range->high)}.",
                'Choose a level inside its range.',
            ),
            default => null,
        };
    }

    /** @return list<VerdictPoint> */
    private function phrase(Callout $call): array
    {
        if (
            array_filter(
                $call->says,
                fn (PhrasePart $one): bool => $one->value !== null || trim($one->words ?? '') !== '',
            ) === [] &&
            $call->plays === null
        ) {
            return [
                VerdictPoint::wrong(
                    'Phrase',
                    "{$call->name} has nothing to say.",
                    'Give it words, a value or a sound.',
                ),
            ];
        }
        $gone = array_filter(
            $call->says,
            fn (PhrasePart $one): bool => $one->value !== null && $this->values->find($one->value) === null,
        );

        return array_values(
            array_map(
                fn (PhrasePart $one): VerdictPoint => VerdictPoint::wrong(
                    'Phrase',
                    "{$call->name} says \"{$one->value}\", which nothing sends: it would say “missing”.",
                    'Choose another value.',
                ),
                $gone,
            ),
        );
    }

    /** A pack's voltage begins at nothing; that of a regulator or of the receiver doesn't. */
    private function isPack(string $id): bool
    {
        $range = $this->values->find($id)?->range;

        return $range === null || $range->low <= 0.0;
    }

    /** @return list<VerdictPoint> */
    private function manner(Callout $call): array
    {
        $looksAt = array_filter(
            ConditionTree::all($call->when),
            fn (Condition $one): bool => $one instanceof SensorLevel,
        );
        $volts = array_filter(
            $looksAt,
            fn (SensorLevel $one): bool => $this->values->find($one->sensor)?->dimension === Dimension::Voltage,
        );
        $points = [];
        if (
            $call->isAlarm() &&
            $call->hold < self::DIP &&
            array_filter($volts, fn (SensorLevel $one): bool => ! $one->above && $this->isPack($one->sensor)) !== []
        ) {
            $points[] = VerdictPoint::look(
                'Sag',
                "{$call->name} speaks at once: a burst of power dips the voltage and fools it.",
                'Let it hold for about 3 s.',
            );
        }
        if ($call->repeat > 0 && $call->repeat < self::OFTEN) {
            $points[] = VerdictPoint::look(
                'Repeat',
                "{$call->name} repeats every {$call->repeat} s: what speaks too often is switched off, and missed when it matters.",
                'Let 5 s or more go by.',
            );
        }
        if (
            array_filter(
                $volts,
                fn (SensorLevel $one): bool => $one->sensor === 'receiver-volts' && $one->level < 4.3,
            ) !== []
        ) {
            $points[] = VerdictPoint::look(
                'Supply',
                "{$call->name} looks at the receiver's own supply with the level of a cell.",
                'For the flight pack choose its own voltage or a cell\'s average.',
            );
        }

        return $points;
    }
}
