<?php

namespace DuskSwitch\Core\Telemetry;

use DuskSwitch\Core\Link\VerdictPoint;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Sense\DerivedValue;
use DuskSwitch\Core\Telemetry\Derive\Scale;

/** Can a value be worked out of what it is given? */
final readonly class DerivedValueCheck
{
    public function __construct(private Program $program, private Values $values) {}

    /**
     * @param  int  $index  its place among the values: each looks at those before it
     * @return list<VerdictPoint> what is wrong with it
     */
    public function of(DerivedValue $derived, int $index): array
    {
        $inputs = $derived->does->wants();
        [$wants, $words] = [$inputs->of, $inputs->words];
        if ($inputs->while) {
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
            (count($derived->of) > count($wants) && ! $inputs->several)
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
                $value->divided && self::scales($derived) => VerdictPoint::wrong(
                    'Value',
                    "{$derived->name} divides {$value->name} again: {$value->from} has applied poles and gear ratio, ".
                        'and they are applied once only.',
                    "Set the factor to 1, or take {$derived->name} out.",
                ),
                default => null,
            };
        }

        return array_values(array_filter($points));
    }

    private static function scales(DerivedValue $derived): bool
    {
        return $derived->does instanceof Scale && ($derived->by ?? 1.0) !== 1.0;
    }
}
