<?php

namespace DuskSwitch\Core\Move\Taken;

use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Telemetry\DerivedValue;
use DuskSwitch\Core\Program\Telemetry\PhrasePart;

/** Alarms, callouts and calculated values of one aircraft for another, as far as its sensors give what they need. */
final readonly class TakenTelemetry
{
    /** @param  list<string>  $values  the telemetry values that the other aircraft has */
    public function __construct(private Program $from, private Program $to, private array $values) {}

    /** @return list<DerivedValue> the calculated values there, with those that can be calculated there too */
    public function derived(): array
    {
        $derived = $this->to->sense->values;
        $known = [...$this->values, ...array_column($derived, 'id')];
        foreach ($this->from->sense->values as $one) {
            if (! in_array($one->id, $known, true) && array_diff($one->of, $known) === [] && $one->while === null) {
                $derived[] = $one;
                $known[] = $one->id;
            }
        }

        return $derived;
    }

    /** @return list<string> the calculated values that can't be calculated there */
    public function lost(): array
    {
        $known = [...$this->values, ...array_column($this->derived(), 'id')];

        return array_values(
            array_map(
                fn (DerivedValue $one): string => "{$one->name} is left out: what it is calculated of isn't there",
                array_filter(
                    $this->from->sense->values,
                    fn (DerivedValue $one): bool => ! in_array($one->id, $known, true),
                ),
            ),
        );
    }

    /** The other aircraft with the callouts; one of the same id is replaced. */
    public function taken(ForeignConditions $conditions): TakenProgram
    {
        $known = [...$this->values, ...array_column($this->to->sense->values, 'id')];
        $calls = array_column($this->to->sense->calls, null, 'id');
        $losses = [];
        foreach ($this->from->sense->calls as $call) {
            $when = $conditions->of($call->when);
            $after = $call->after === null ? null : $conditions->of($call->after);
            $said = array_filter(array_map(fn (PhrasePart $part): ?string => $part->value, $call->says));
            if ($when === null || ($call->after !== null && $after === null) || array_diff($said, $known) !== []) {
                $losses[] = "{$call->name} is left out: what it asks for or says isn't there";
            } else {
                $calls[$call->id] = $call->with(when: $when, after: $after);
            }
        }

        return new TakenProgram(
            $this->to->with(sense: $this->to->sense->with(calls: array_values($calls))),
            $losses,
        );
    }
}
