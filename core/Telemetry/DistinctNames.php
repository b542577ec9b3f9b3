<?php

namespace DuskSwitch\Core\Telemetry;

/** Values whose names can be told apart: where two are called alike, a sensor's says whose it is, then which one. */
final class DistinctNames
{
    /**
     * The same values under names of their own; what the pilot named keeps its name before what a sensor brings.
     *
     * @param  array<string, Value>  $values  by id
     * @return array<string, Value>
     */
    public static function of(array $values): array
    {
        $alike = array_count_values(array_map(self::key(...), $values));
        $named = array_map(
            fn (Value $one): Value => $alike[self::key($one)] > 1 && $one->sensor !== null
                ? $one->called("{$one->name} of {$one->from}")
                : $one,
            $values,
        );
        $taken = array_count_values(array_map(self::key(...), $named));
        $count = [];
        foreach ($named as $id => $one) {
            $key = self::key($one);
            $count[$key] = ($count[$key] ?? 0) + 1;
            if ($taken[$key] > 1) {
                $named[$id] = $one->called("{$one->name} {$count[$key]}");
            }
        }

        return $named;
    }

    private static function key(Value $value): string
    {
        return mb_strtolower(trim($value->name));
    }
}
