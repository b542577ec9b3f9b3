<?php

namespace DuskSwitch\Core\Log;

use DuskSwitch\Core\Flight\Recording;
use DuskSwitch\Core\Kit\Measurand;
use DuskSwitch\Core\Telemetry\Sample;
use DuskSwitch\Core\Telemetry\Values;

/** A rehearsed flight as its transmitter would have written it down: what its sensors sent, nothing of the truth. */
final class RehearsedLog
{
    /**
     * @param  float|null  $epoch  seconds since 1970 at which it began
     * @param  float  $every  seconds from row to row
     */
    public static function of(Recording $flight, Values $values, ?float $epoch = null, float $every = 0.0): LoggedFlight
    {
        $samples = [];
        $next = -INF;
        foreach ($flight->samples as $sample) {
            if ($sample->time >= $next - 1e-6) {
                $samples[] = $sample;
                $next = $sample->time + $every;
            }
        }
        $columns = [];
        $seen = [];
        foreach ($values->all as $value) {
            $quantity = LogQuantity::ofValue($value);
            if ($quantity === null || $value->measures === Measurand::Other) {
                continue;
            }
            $seen[$quantity->value] = ($seen[$quantity->value] ?? 0) + 1;
            $key = $quantity->value.($seen[$quantity->value] === 1 ? '' : "-{$seen[$quantity->value]}");
            $columns[$key] = array_map(fn (Sample $one): ?float => $one->values[$value->id] ?? null, $samples);
        }

        return LoggedFlight::of(array_map(fn (Sample $one): float => $one->time, $samples), $columns, $epoch);
    }
}
