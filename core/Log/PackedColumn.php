<?php

namespace DuskSwitch\Core\Log;

/** A column of numbers as bytes: eight each, IEEE 754, the least significant first; what is missing is not a number. */
final class PackedColumn
{
    /** @param  list<float|null>  $values */
    public static function pack(array $values): string
    {
        foreach ($values as $row => $value) {
            $values[$row] = $value ?? NAN;
        }

        return pack('e*', ...$values);
    }

    /**
     * The columns of some rows.
     *
     * @param  list<array{float, list<float|null>}>  $rows
     * @return list<string>
     */
    public static function columns(array $rows): array
    {
        $values = array_column($rows, 1);
        $packed = [];
        foreach (array_keys($values[0] ?? []) as $column) {
            $packed[] = self::pack(array_column($values, $column) ?: []);
        }

        return $packed;
    }

    /** @return list<float> */
    public static function times(string $bytes): array
    {
        /** @var list<float> $times */
        $times = $bytes === '' ? [] : array_values(unpack('e*', $bytes) ?: []);

        return $times;
    }

    /** @return list<float|null> */
    public static function values(string $bytes): array
    {
        if ($bytes === '') {
            return [];
        }
        /** @var list<float> $read */
        $read = array_values(unpack('e*', $bytes) ?: []);
        $values = [];
        foreach ($read as $value) {
            $values[] = is_nan($value) ? null : $value;
        }

        return $values;
    }
}
