<?php

namespace DuskSwitch\Core\Telemetry;

use DuskSwitch\Core\Link\VerdictPoint;
use DuskSwitch\Core\Program\Condition\SensorLevel;
use DuskSwitch\Core\Units\Figure;

/** Can a condition on a value ever hold, and does it ever not? */
final readonly class LevelCheck
{
    public function __construct(private Values $values) {}

    /**
     * What is wrong with a level; null where nothing is.
     *
     * @param  string  $who  what has the condition, as it begins the sentence
     * @param  string  $fire  what it does where it holds: "fire"
     * @param  string  $speaks  the same of one: "speaks"
     */
    public function point(string $who, string $fire, string $speaks, SensorLevel $one): ?VerdictPoint
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
        $shown = fn (float $base): string => Figure::of($value->unit->fromBase($base), 2).' '.$value->unit->shown();

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
}
