<?php

namespace DuskSwitch\Core\Telemetry;

use DuskSwitch\Core\Link\VerdictPoint;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Condition\SensorLevel;
use DuskSwitch\Core\Program\ConditionTree;
use DuskSwitch\Core\Program\Telemetry\Callout;
use DuskSwitch\Core\Program\Telemetry\PhrasePart;
use DuskSwitch\Core\Units\Dimension;

/** Does a callout ever speak, has it something to say, and is it one that a pilot listens to? */
final readonly class CalloutCheck
{
    /**
     * A dip under load lasts less than this: an alarm on a voltage holds so long before it speaks (common practice).
     */
    private const DIP = 2.0;

    /** What is repeated more often is switched off, and then missed (common practice). */
    private const OFTEN = 3.0;

    public function __construct(private Values $values, private ConditionCheck $conditions) {}

    /** @return list<VerdictPoint> what is wrong with it, or worth a look */
    public function of(Callout $call): array
    {
        return [...$this->when($call), ...$this->phrase($call), ...$this->manner($call)];
    }

    /** @return list<VerdictPoint> */
    private function when(Callout $call): array
    {
        return [
            ...$this->conditions->of($call->when, $call->name, 'fire', 'speaks'),
            ...$call->after === null ? [] : $this->conditions->of($call->after, $call->name, 'fire', 'speaks'),
        ];
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
                "{$call->name} repeats every {$call->repeat} s: what speaks too often is switched off, and missed ".
                    'when it matters.',
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
