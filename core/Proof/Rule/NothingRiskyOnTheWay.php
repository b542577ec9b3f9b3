<?php

namespace DuskSwitch\Core\Proof\Rule;

use DuskSwitch\Core\Proof\Evidence;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Rule;
use DuskSwitch\Core\Proof\Severity;

/** A three-position switch passes its middle. */
final class NothingRiskyOnTheWay implements Rule
{
    public function id(): string
    {
        return 'nothing-risky-on-the-way';
    }

    public function says(): string
    {
        return 'A three-position switch must not pass through a dangerous mode on its way from one end to the other.';
    }

    public function check(Evidence $evidence): array
    {
        $found = [];
        foreach ($evidence->slots() as $slot) {
            if (! ($evidence->controller?->modes[$slot->mode]->risky ?? false) || $evidence->program->output($slot->channel) === null) {
                continue;
            }
            $cone = $evidence->reach($slot->channel)->cone;
            foreach ($evidence->reach($slot->channel)->rows as $row) {
                $inside = $row->low < $slot->to && $row->high >= $slot->from;
                $passing = array_filter(array_keys($cone->positions), fn (int $input): bool => count($cone->positions[$input]) === 3 && $row->state[$input] === 0.0);
                if ($inside && $passing !== []) {
                    $found[] = new Finding($this->id(), Severity::Warning, "output:{$slot->channel}", "{$evidence->modeName($slot->mode)} lies in the middle of a three-position switch, which passes it on every way from end to end. Put it at an end, or on a switch of its own", $row->state);
                    break;
                }
            }
        }

        return $found;
    }
}
