<?php

namespace DuskSwitch\App\Logbook;

use stdClass;

/** How many flights, and how long in the air, for each aircraft, pack and pilot. */
final class LogbookTotals
{
    /**
     * @param  list<stdClass>  $flights  rows with the labels of their packs
     * @return array<string, mixed>
     */
    public static function of(array $flights): array
    {
        return [
            'flights' => count($flights),
            'seconds' => array_sum(array_map(fn (stdClass $one): float => (float) $one->seconds, $flights)),
            'aircraft' => self::by($flights, fn (stdClass $one): string => $one->aircraft_name),
            'packs' => self::by($flights, fn (stdClass $one): string => $one->pack_label ?? ''),
            'pilots' => self::by($flights, fn (stdClass $one): string => $one->pilot),
        ];
    }

    /**
     * @param  list<stdClass>  $flights  rows with the labels of their packs
     * @param  callable(stdClass): string  $name
     * @return list<array{name: string, flights: int, seconds: float}>
     */
    private static function by(array $flights, callable $name): array
    {
        $totals = [];
        foreach ($flights as $flight) {
            $key = $name($flight);
            if ($key !== '') {
                $totals[$key] ??= ['name' => $key, 'flights' => 0, 'seconds' => 0.0];
                $totals[$key]['flights']++;
                $totals[$key]['seconds'] += (float) $flight->seconds;
            }
        }
        usort($totals, fn (array $a, array $b): int => [$b['flights'], $a['name']] <=> [$a['flights'], $b['name']]);

        return $totals;
    }
}
