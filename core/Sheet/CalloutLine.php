<?php

namespace DuskSwitch\Core\Sheet;

use DuskSwitch\Core\Kit\TelemetryEntry;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Condition\SensorLevel;
use DuskSwitch\Core\Program\ConditionTree;
use DuskSwitch\Core\Program\ConditionWords;
use DuskSwitch\Core\Program\Telemetry\Callout;
use DuskSwitch\Core\Program\Telemetry\PhrasePart;
use DuskSwitch\Core\Telemetry\Values;
use DuskSwitch\Core\Units\Figure;

/** One alarm or callout as it is entered: when, for how long, how urgent, what, how often; and what can't be had. */
final readonly class CalloutLine
{
    public function __construct(
        private Transmitter $transmitter,
        private Values $values,
        private ConditionWords $words,
        private LostValues $lost,
    ) {}

    /**
     * The line.
     *
     * @param  int  $place  how many come before it
     * @param  Condition  $speaks  when it really speaks: {@see \DuskSwitch\Core\Program\Telemetry\LimitSteps}
     */
    public function of(Callout $call, int $place, Condition $speaks): Line
    {
        $entry = $this->transmitter->keying->telemetry ?? new TelemetryEntry();
        $wanted = $this->says($call, $speaks, $call->hold, $call->repeat, new TelemetryEntry());
        if ($entry->calls !== null && $place >= $entry->calls) {
            $lost = "{$this->transmitter->name} has room for {$entry->calls} alarms and callouts";

            return new Line($call->name, 'no room for it', $wanted, $lost, $call->id);
        }
        $gone = $this->lost->in($speaks);
        if ($gone !== null) {
            return new Line($call->name, 'not here', $wanted, "it waits for {$gone}, which isn't there", $call->id);
        }
        $when = $this->nearest($speaks, $entry);
        $hold = $entry->hold?->nearest($call->hold) ?? $call->hold;
        $repeat = $call->repeat === 0.0 ? 0.0 : $entry->repeat?->nearest($call->repeat) ?? $call->repeat;
        $entered = $this->says($call, $when, $hold, $repeat, $entry);
        $lost = [
            ...$when === $speaks ? [] : [$this->wider($call)],
            ...$hold === $call->hold ? [] : ['it waits '.Figure::of($hold, 1).' s'],
            ...$repeat === $call->repeat ? [] : [$repeat === 0.0 ? 'it speaks once' : 'it repeats every '.Figure::of($repeat, 1).' s'],
            ...$entry->hysteresis || $this->hysteresis($call->when) === ''
                ? []
                : ['without hysteresis it may speak again and again at its level'],
            ...$entry->priorities || ! $call->isAlarm() ? [] : ['without priorities it may be spoken late'],
        ];

        return $lost === []
            ? new Line($call->name, $entered, about: $call->id)
            : new Line($call->name, $entered, $wanted, implode('; ', $lost), $call->id);
    }

    /** What a condition that can't be joined with another one loses. */
    private function wider(Callout $call): string
    {
        return $call->when instanceof SensorLevel
            ? 'it goes on beside the further step of its limit, and the two speak by turns'
            : 'it speaks in every phase and at every switch';
    }

    /** The condition as the transmitter can have it: where it joins none, the first level in it alone. */
    private function nearest(Condition $condition, TelemetryEntry $entry): Condition
    {
        $all = ConditionTree::all($condition);
        $levels = array_values(array_filter($all, fn (Condition $one): bool => $one instanceof SensorLevel));

        return $entry->joins || count($all) === 1 || $levels === [] ? $condition : $levels[0];
    }

    private function says(
        Callout $call,
        Condition $when,
        float $hold,
        float $repeat,
        TelemetryEntry $entry,
    ): string {
        $phrase = $this->phrase($call->says);
        $parts = [
            $this->words->say($when),
            $entry->hysteresis ? $this->hysteresis($when) : '',
            $hold > 0 ? 'must last '.Figure::of($hold, 1).' s' : '',
            $entry->priorities && $call->isAlarm() ? $call->priority->value : '',
            $call->plays === null ? '' : lcfirst($call->plays->says()),
            $phrase === '' ? '' : "says {$phrase}",
            $repeat > 0 ? 'repeat every '.Figure::of($repeat, 1).' s' : 'once',
            $call->within === null ? '' : 'only in the first '.Figure::of($call->within, 0).' s after power-up',
            $call->after === null ? '' : "quiet until {$this->words->say($call->after)}",
        ];

        return implode('; ', array_filter($parts, fn (string $part): bool => $part !== ''));
    }

    /** The hystereses of a condition's levels, in the pilot's units. */
    private function hysteresis(Condition $condition): string
    {
        $all = [];
        foreach (ConditionTree::all($condition) as $one) {
            $value = $one instanceof SensorLevel ? $this->values->find($one->sensor) : null;
            if ($one instanceof SensorLevel && $value !== null && $one->hysteresis > 0) {
                $wide = $value->unit->fromBase($one->hysteresis) - $value->unit->fromBase(0.0);
                $all[] = trim(Figure::of($wide, 2)." {$value->unit->shown()}");
            }
        }

        return $all === [] ? '' : 'hysteresis '.implode(', ', $all);
    }

    /** @param  list<PhrasePart>  $says */
    private function phrase(array $says): string
    {
        $parts = array_map(function (PhrasePart $part): string {
            if ($part->words !== null) {
                return trim($part->words) === '' ? '' : "“{$part->words}”";
            }
            $value = $this->values->find((string) $part->value);
            $unit = $part->unit ? '' : ' without its unit';
            $places = $part->places === 0 ? 'whole' : 'to '.Figure::of(10 ** -$part->places, 3);

            return ($value->name ?? $part->value)." {$places}{$unit}";
        }, $says);

        return implode(', ', array_filter($parts, fn (string $part): bool => $part !== ''));
    }
}
