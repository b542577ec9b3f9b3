<?php

namespace DuskSwitch\App\Logbook;

use DuskSwitch\App\Models\Flight;
use DuskSwitch\App\Models\Pilot;
use DuskSwitch\Core\Analysis\Comparison;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Logbook\LoggedFacts;
use DuskSwitch\Core\Units\Dimension;

/** Two groups of flights side by side: before and after a lighter frame, another propeller. */
final class FlightComparison
{
    /** What is compared, in this order. */
    private const COMPARED = ['seconds', 'climb', 'current', 'used', 'sag', 'fastest'];

    private const FACTS = ['seconds' => ['Time in the air', Dimension::Time, false]] + LoggedFacts::ALL;

    /**
     * @param  list<int>  $before  ids of flights
     * @param  list<int>  $after
     * @return list<array<string, mixed>>
     *
     * @throws Refused where one isn't there, or stands on both sides
     */
    public static function of(array $before, array $after): array
    {
        if (array_intersect($before, $after) !== []) {
            throw Refused::because('after', 'a flight can\'t be before and after the change');
        }
        [$first, $second] = [self::flights($before, 'before'), self::flights($after, 'after')];
        $rows = [];
        foreach (self::COMPARED as $id) {
            [$name, $dimension, $upright] = self::FACTS[$id];
            $unit = Pilot::here()->units->unit($dimension, $upright);
            $of = fn (array $flights): array => array_values(array_filter(
                array_map(fn (Flight $one): ?float => self::fact($one, $id), $flights),
                is_float(...),
            ));
            $is = Comparison::of($of($first), $of($second));
            $rows[] = [
                'id' => $id,
                'name' => $name,
                'unit' => $unit->shown(),
                'before' => $is === null ? null : round($unit->fromBase($is->before), $unit->places()),
                'after' => $is === null ? null : round($unit->fromBase($is->after), $unit->places()),
                'isReal' => $is?->isReal(),
                'chance' => $is?->chance === null ? null : round($is->chance, 4),
                'says' => $is?->says() ?? 'No flight on one side tells it.',
            ];
        }

        return $rows;
    }

    private static function fact(Flight $flight, string $id): ?float
    {
        $is = $id === 'seconds' ? $flight->seconds : $flight->facts[$id] ?? null;

        return $is === null ? null : (float) $is;
    }

    /**
     * @param  list<int>  $ids
     * @return array<Flight>
     */
    private static function flights(array $ids, string $where): array
    {
        $found = Flight::whereIn('id', $ids)->get()->all();

        return count($found) === count(array_unique($ids))
            ? $found
            : throw Refused::because($where, 'a flight of these isn\'t in the logbook any more');
    }
}
