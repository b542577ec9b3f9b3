<?php

namespace DuskSwitch\Core\Telemetry;

use DuskSwitch\Core\Kit\Pack;
use DuskSwitch\Core\Link\VerdictPoint;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Telemetry\DerivedValue;
use DuskSwitch\Core\Telemetry\Derive\Scale;
use DuskSwitch\Core\Telemetry\Derive\UsedShare;
use DuskSwitch\Core\Units\Dimension;

/** Can a value be calculated from what it is given? */
final readonly class DerivedValueCheck
{
    /** @param  Pack|null  $pack  that of the kit */
    public function __construct(private Program $program, private Values $values, private ?Pack $pack = null) {}

    /**
     * @param  int  $index  its place among the values: each looks at those before it
     * @return list<VerdictPoint> what is wrong with it
     */
    public function of(DerivedValue $derived, int $index): array
    {
        $inputs = $derived->does->wants();
        [$wants, $words] = [$inputs->of, $inputs->words];
        if ($inputs->while) {
            $never = VerdictPoint::wrong(
                'Value',
                "{$derived->name} never runs: it needs {$words}.",
                'Say when it runs, as while armed.',
            );

            return array_values(array_filter([$derived->while === null ? $never : null, $this->number($derived)]));
        }
        if (
            count($derived->of) < count($wants) ||
            (count($derived->of) > count($wants) && ! $inputs->several)
        ) {
            return [
                VerdictPoint::wrong(
                    'Value',
                    "{$derived->name} is calculated from {$words}; ".count($derived->of).' are given.',
                    'Choose '.($wants === [] ? 'none' : count($wants)).'.',
                ),
            ];
        }
        $points = [$this->number($derived)];
        $later = array_column(array_slice($this->program->sense->values, $index), 'id');
        foreach ($derived->of as $place => $id) {
            $points[] = $this->input($derived, $id, $wants[min($place, count($wants) - 1)], $later);
        }

        return array_values(array_filter($points));
    }

    /** Is the pilot's own number there, and is it that of the pack in the kit? */
    private function number(DerivedValue $derived): ?VerdictPoint
    {
        $number = $derived->does->wants()->number;
        $capacity = $derived->does instanceof UsedShare ? $this->pack?->capacity : null;

        return match (true) {
            $number === null => null,
            $derived->by === null && $number->required => VerdictPoint::wrong(
                'Value',
                "{$derived->name} can't be calculated: its number isn't said ({$number->words}).",
                $capacity === null ? 'Say it.' : "Say it: the pack in the kit has {$capacity}.",
            ),
            $derived->by !== null && ! $number->holds($derived->by) => VerdictPoint::wrong(
                'Value',
                "{$derived->name}: its number can't be {$derived->by} ({$number->words}).",
                "It goes from {$number->least} to {$number->most}.",
            ),
            $capacity !== null && $derived->by !== $capacity => VerdictPoint::look(
                'Value',
                "{$derived->name} counts by {$derived->by} mAh, and the pack in the kit has {$capacity}.",
                "Set it to {$capacity}, or choose the other pack in Kit.",
            ),
            default => null,
        };
    }

    /** @param  list<string>  $later  the ids of this value and those after it */
    private function input(DerivedValue $derived, string $id, ?Dimension $wanted, array $later): ?VerdictPoint
    {
        $value = $this->values->find($id);

        return match (true) {
            $value === null => VerdictPoint::wrong(
                'Value',
                "{$derived->name} looks at \"{$id}\", which nothing sends.",
                'Add the sensor, or choose another value.',
            ),
            in_array($id, $later, true) => VerdictPoint::wrong(
                'Value',
                "{$derived->name} looks at {$value->name}, which is calculated after it.",
                "Move it behind {$value->name}.",
            ),
            $wanted !== null && $value->dimension !== $wanted => VerdictPoint::wrong(
                'Value',
                "{$derived->name} wants {$derived->does->wants()->words}; {$value->name} is a {$value->dimension->value}.",
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

    private static function scales(DerivedValue $derived): bool
    {
        return $derived->does instanceof Scale && ($derived->by ?? 1.0) !== 1.0;
    }
}
