<?php

namespace DuskSwitch\App\Backup;

use Illuminate\Support\Facades\DB;
use stdClass;

/**
 * The logbook as open rows: what belongs together is named by what every machine knows, aircraft and packs by their
 * uuid, recordings by their sum.
 */
final class LogbookTables
{
    /** Tables without rows that hang on others, and what names a row of theirs. */
    private const ALONE = ['packs' => 'uuid', 'fields' => 'uuid', 'papers' => 'id', 'recordings' => 'sha256'];

    /** @return array<string, list<array<string, mixed>>> rows by table */
    public static function all(): array
    {
        $all = [];
        foreach (self::ALONE as $table => $by) {
            $all[$table] = self::rows(DB::table($table)->orderBy($by)->get()->all(), []);
        }
        $names = self::names();
        $all['pack_acts'] = self::rows(DB::table('pack_acts')->orderBy('id')->get()->all(), $names);
        $all['flights'] = self::rows(DB::table('flights')->orderBy('uuid')->get()->all(), $names);
        $all['upkeep'] = self::rows(DB::table('upkeep')->orderBy('id')->get()->all(), $names);

        return $all;
    }

    /** Takes everything away. */
    public static function clear(): void
    {
        foreach (['flights', 'pack_acts', 'upkeep', ...array_keys(self::ALONE)] as $table) {
            DB::table($table)->delete();
        }
    }

    /**
     * Puts in what isn't here yet. Aircraft must be here already.
     *
     * @param  stdClass  $tables  rows by table
     * @return list<string> sums of recordings that are new here
     */
    public static function merge(stdClass $tables): array
    {
        $new = [];
        foreach (['packs' => 'uuid', 'fields' => 'uuid', 'recordings' => 'sha256'] as $table => $by) {
            foreach ($tables->{$table} ?? [] as $row) {
                if (DB::table($table)->where($by, $row->{$by})->doesntExist()) {
                    DB::table($table)->insert(array_diff_key((array) $row, ['id' => true]));
                    $new = $table === 'recordings' ? [...$new, (string) $row->sha256] : $new;
                }
            }
        }
        foreach ($tables->papers ?? [] as $row) {
            DB::table('papers')->insertOrIgnore(array_diff_key((array) $row, ['id' => true]));
        }
        $ids = array_map(array_flip(...), self::names());
        foreach (['flights', 'pack_acts', 'upkeep'] as $table) {
            foreach ($tables->{$table} ?? [] as $row) {
                self::add($table, (array) $row, $ids);
            }
        }

        return $new;
    }

    /**
     * @param  array<string, mixed>  $row
     * @param  array<string, array<string, int>>  $ids  by name
     */
    private static function add(string $table, array $row, array $ids): void
    {
        unset($row['id']);
        foreach (array_intersect_key($ids, $row) as $column => $known) {
            $row[$column] = $row[$column] === null ? null : $known[$row[$column]] ?? null;
        }
        // Work and charges of what isn't here hang in the air.
        if (
            ($table === 'upkeep' && $row['aircraft_id'] === null) ||
            ($table === 'pack_acts' && $row['pack_id'] === null)
        ) {
            return;
        }
        $same = $table === 'flights' ? ['uuid' => $row['uuid']] : $row;
        if (DB::table($table)->where($same)->doesntExist()) {
            DB::table($table)->insert($row);
        }
    }

    /** @return array<string, array<int, string>> names that every machine knows, by column and id */
    private static function names(): array
    {
        return [
            'aircraft_id' => DB::table('aircraft')->pluck('uuid', 'id')->all(),
            'pack_id' => DB::table('packs')->pluck('uuid', 'id')->all(),
            'recording_id' => DB::table('recordings')->pluck('sha256', 'id')->all(),
        ];
    }

    /**
     * @param  array<int, stdClass>  $rows
     * @param  array<string, array<int, string>>  $names
     * @return list<array<string, mixed>> without the numbers that only this machine knows
     */
    private static function rows(array $rows, array $names): array
    {
        return array_values(
            array_map(function (stdClass $one) use ($names): array {
                $row = (array) $one;
                unset($row['id']);
                foreach (array_intersect_key($names, $row) as $column => $known) {
                    $row[$column] = $row[$column] === null ? null : $known[$row[$column]] ?? null;
                }

                return $row;
            }, $rows),
        );
    }
}
