<?php

namespace DuskSwitch\App\Logbook;

use DuskSwitch\App\Models\Flight;
use Illuminate\Database\Eloquent\Collection;

/** How many flights, and how long in the air, for each aircraft, pack and pilot. */
final class LogbookTotals
{
    /**
     * @param  Collection<int, Flight>  $flights
     * @return array<string, mixed>
     */
    public static function of(Collection $flights): array
    {
        return [
            'flights' => $flights->count(),
            'seconds' => (float) $flights->sum('seconds'),
            'aircraft' => self::by($flights, fn (Flight $one): string => $one->aircraft_name),
            'packs' => self::by($flights, fn (Flight $one): string => $one->pack->label ?? ''),
            'pilots' => self::by($flights, fn (Flight $one): string => $one->pilot),
        ];
    }

    /**
     * @param  Collection<int, Flight>  $flights
     * @param  callable(Flight): string  $name
     * @return list<array{name: string, flights: int, seconds: float}>
     */
    private static function by(Collection $flights, callable $name): array
    {
        $totals = [];
        foreach ($flights as $flight) {
            $key = $name($flight);
            if ($key !== '') {
                $totals[$key] ??= ['name' => $key, 'flights' => 0, 'seconds' => 0.0];
                $totals[$key]['flights']++;
                $totals[$key]['seconds'] += $flight->seconds ?? 0.0;
            }
        }
        usort($totals, fn (array $a, array $b): int => [$b['flights'], $a['name']] <=> [$a['flights'], $b['name']]);

        return $totals;
    }
}
