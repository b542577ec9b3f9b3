<?php

namespace DuskSwitch\Core\Sheet;

use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Condition\SensorLevel;
use DuskSwitch\Core\Program\ConditionTree;
use DuskSwitch\Core\Program\Program;

/** The calculated values that a transmitter can't have, and why: it doesn't know how, has no room, or lacks what they need. */
final readonly class LostValues
{
    /** @var array<string, string> why, by id */
    public array $why;

    public function __construct(private Program $program, Transmitter $transmitter)
    {
        $entry = $transmitter->keying->telemetry;
        $why = [];
        $kept = 0;
        foreach ($program->sense->values as $one) {
            $gone = array_intersect($one->of, array_keys($why));
            $because = match (true) {
                $entry?->derives !== null && ! in_array($one->does->id(), $entry->derives, true) => "{$transmitter->name} doesn't calculate it",
                $gone !== [] => 'what it is calculated of isn\'t there',
                $entry?->values !== null && $kept >= $entry->values => "{$transmitter->name} has room for {$entry->values} calculated values",
                default => null,
            };
            if ($because === null) {
                $kept++;
            } else {
                $why[$one->id] = $because;
            }
        }
        $this->why = $why;
    }

    /** The name of a lost value that a condition waits for; null where it waits for none. */
    public function in(Condition $condition): ?string
    {
        $names = array_column($this->program->sense->values, 'name', 'id');
        foreach (ConditionTree::all($condition) as $one) {
            if ($one instanceof SensorLevel && isset($this->why[$one->sensor])) {
                return $names[$one->sensor];
            }
        }

        return null;
    }
}
