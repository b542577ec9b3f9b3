<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Condition\SensorLevel;
use DuskSwitch\Core\Program\ConditionTree;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Telemetry\Priority;
use DuskSwitch\Core\Speech\SpokenPhrase;
use DuskSwitch\Core\Telemetry\Values;
use DuskSwitch\Core\Units\Dimension;

/** The warnings that were spoken in a flight, by what they look at. */
final readonly class Warnings
{
    /** @param  list<SpokenPhrase>  $said */
    public function __construct(private Program $program, private Values $values, private array $said) {}

    /** Seconds at which the first was heard that looks at a value of one of those dimensions; null where none was. */
    public function first(Dimension ...$dimensions): ?float
    {
        $heard = [];
        foreach ($this->said as $one) {
            if (
                $one->from !== null &&
                $one->offer->priority !== Priority::Note &&
                $this->looksAt($one->offer->by, ...$dimensions)
            ) {
                $heard[] = $one->from;
            }
        }

        return $heard === [] ? null : min($heard);
    }

    /** True for a call whose condition looks at a value of one of those dimensions. */
    public function looksAt(string $id, Dimension ...$dimensions): bool
    {
        $call = $this->program->sense->call($id);

        return $call !== null &&
            array_filter(
                ConditionTree::all($call->when),
                fn (Condition $one): bool => $one instanceof SensorLevel &&
                    in_array($this->values->find($one->sensor)?->dimension, $dimensions, true) &&
                    $one->sensor !== 'receiver-volts',
            ) !== [];
    }
}
