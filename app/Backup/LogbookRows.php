<?php

namespace DuskSwitch\App\Backup;

use Closure;
use DuskSwitch\Core\Log\Write\LogWriters;
use Illuminate\Database\Connection;
use Illuminate\Support\LazyCollection;
use stdClass;

/**
 * The logbook as open rows: what belongs together is named by what every machine knows, aircraft and packs by their
 * uuid, recordings by their sum.
 */
final class LogbookRows
{
    /** In the order in which they hang on one another, and what names a row or puts rows in order. */
    public const TABLES = [
        'packs' => 'uuid',
        'fields' => 'uuid',
        'papers' => 'kind',
        'recordings' => 'sha256',
        'pack_acts' => 'id',
        'flights' => 'uuid',
        'upkeep' => 'id',
    ];

    /** What pilots wrote, with room for what a merge added to it. */
    private const NOTE = 20_000;

    private const FAR = 1e9;

    private const MOST = 2_000_000_000;

    /** @return array<string, LazyCollection<int, array<string, mixed>>> rows by table */
    public static function tables(Connection $db): array
    {
        $names = [
            'aircraft_id' => $db->table('aircraft')->pluck('uuid', 'id')->all(),
            'pack_id' => $db->table('packs')->pluck('uuid', 'id')->all(),
            'recording_id' => $db->table('recordings')->pluck('sha256', 'id')->all(),
        ];
        $tables = [];
        foreach (self::TABLES as $table => $by) {
            $tables[$table] = $db
                ->table($table)
                ->orderBy($by)
                ->when($table === 'papers', fn ($query) => $query->orderBy('about'))
                ->lazy(500)
                ->map(function (stdClass $one) use ($names): array {
                    // Without the numbers that only this machine knows.
                    $row = array_diff_key((array) $one, ['id' => true]);
                    foreach (array_intersect_key($names, $row) as $column => $known) {
                        $row[$column] = $row[$column] === null ? null : $known[$row[$column]] ?? null;
                    }

                    return $row;
                });
        }

        return $tables;
    }

    /**
     * A row of a backup as it goes into the database; `aircraft_id`, `pack_id` and `recording_id` are names still.
     *
     * @return array<string, mixed>
     */
    public static function read(string $table, Row $row): array
    {
        return match ($table) {
            'packs' => self::pack($row),
            'fields' => self::field($row),
            'papers' => self::paper($row),
            'recordings' => self::recording($row),
            'pack_acts' => self::packAct($row),
            'flights' => self::flight($row),
            default => self::work($row),
        };
    }

    /** @return array<string, mixed> */
    private static function pack(Row $row): array
    {
        return [
            'uuid' => $row->uuid('uuid'),
            'label' => $row->text('label', 60),
            'cells' => $row->whole('cells', 1, 100),
            'capacity' => $row->number('capacity', 0, self::FAR),
            'plug' => $row->text('plug', 60),
            'grams' => $row->numberOrNothing('grams', 0, self::FAR),
            'note' => $row->text('note', self::NOTE),
            'retired_on' => $row->timeOrNothing('retired_on'),
            ...self::times($row),
        ];
    }

    /** @return array<string, mixed> */
    private static function packAct(Row $row): array
    {
        return [
            'pack_id' => $row->uuid('pack_id'),
            'kind' => $row->oneOf('kind', ['charge', 'storage', 'resistance']),
            'done_on' => $row->time('done_on'),
            'mah' => $row->numberOrNothing('mah', 0, self::FAR),
            'milliohms' => $row->numberOrNothing('milliohms', 0, self::FAR),
            'note' => $row->text('note', self::NOTE),
        ];
    }

    /** @return array<string, mixed> */
    private static function field(Row $row): array
    {
        $places = fn (int $most): Closure => fn (mixed $is): bool => self::isList(
            $is,
            fn (mixed $one): bool => is_array($one) &&
                count($one) === 2 &&
                self::isNumber($one[0] ?? null, 90) &&
                self::isNumber($one[1] ?? null, 180),
            $most,
        );

        return [
            'uuid' => $row->uuid('uuid'),
            'name' => $row->text('name', 80),
            'outline' => $row->json('outline', $places(10_000), 'a list of places'),
            'runway' => $row->json(
                'runway',
                fn (mixed $is): bool => $places(2)($is) && count((array) $is) !== 1,
                'a list of two places, or of none',
            ),
            'height' => $row->numberOrNothing('height', 0, self::FAR),
            ...self::times($row),
        ];
    }

    /** @return array<string, mixed> */
    private static function paper(Row $row): array
    {
        $kind = $row->oneOf('kind', PaperShapes::kinds());

        return [
            'kind' => $kind,
            'about' => $row->text('about', 255),
            'content' => $row->json(
                'content',
                fn (mixed $is): bool => PaperShapes::fits($kind, $is),
                "what is kept of the kind {$kind}",
            ),
            ...self::times($row),
        ];
    }

    /** @return array<string, mixed> */
    private static function recording(Row $row): array
    {
        return [
            'uuid' => $row->uuid('uuid'),
            'sha256' => $row->sum('sha256'),
            'name' => $row->text('name', 255),
            'bytes' => $row->whole('bytes', 0, PHP_INT_MAX),
            'format' => $row->oneOf('format', array_keys(LogWriters::all())),
            'report' => $row->json('report', ReportShape::fits(...), 'how a recording was read'),
            'created_at' => $row->time('created_at'),
        ];
    }

    /** @return array<string, mixed> */
    private static function flight(Row $row): array
    {
        return [
            'uuid' => $row->uuid('uuid'),
            'recording_id' => $row->raw('recording_id') === null ? null : $row->sum('recording_id'),
            'place' => $row->whole('place', 0, self::MOST),
            'aircraft_id' => $row->raw('aircraft_id') === null ? null : $row->uuid('aircraft_id'),
            'aircraft_name' => $row->text('aircraft_name', 255),
            'revision' => $row->wholeOrNothing('revision', 1, self::MOST),
            'flown_at' => $row->timeOrNothing('flown_at'),
            'seconds' => $row->numberOrNothing('seconds', 0, self::FAR),
            'site' => $row->text('site', 255),
            'pilot' => $row->text('pilot', 255),
            'pack_id' => $row->raw('pack_id') === null ? null : $row->uuid('pack_id'),
            'charged' => $row->numberOrNothing('charged', 0, self::FAR),
            'weather' => $row->text('weather', 255),
            'note' => $row->text('note', self::NOTE),
            'facts' => $row->json('facts', self::areFacts(...), 'facts of a flight, each a number or null'),
            'marks' => $row->json('marks', self::areMarks(...), 'a list of marks, each with "at" and "says"'),
            'reader' => $row->wholeOrNothing('reader', 0, self::MOST),
            ...self::times($row),
        ];
    }

    /** @return array<string, mixed> */
    private static function work(Row $row): array
    {
        return [
            'aircraft_id' => $row->uuid('aircraft_id'),
            'part' => $row->text('part', 255),
            'did' => $row->text('did', 255),
            'done_on' => $row->time('done_on'),
            'every_flights' => $row->wholeOrNothing('every_flights', 1, self::MOST),
            'every_months' => $row->wholeOrNothing('every_months', 1, 12_000),
            'grams_before' => $row->numberOrNothing('grams_before', 0, self::FAR),
            'grams_after' => $row->numberOrNothing('grams_after', 0, self::FAR),
            'note' => $row->text('note', self::NOTE),
            ...self::times($row),
        ];
    }

    /** @return array{created_at: string|null, updated_at: string|null} */
    private static function times(Row $row): array
    {
        return ['created_at' => $row->timeOrNothing('created_at'), 'updated_at' => $row->timeOrNothing('updated_at')];
    }

    private static function areFacts(mixed $is): bool
    {
        return is_array($is) &&
            array_filter($is, fn (mixed $one): bool => $one !== null && ! self::isNumber($one)) === [];
    }

    private static function areMarks(mixed $is): bool
    {
        return self::isList(
            $is,
            fn (mixed $one): bool => is_array($one) &&
                self::isNumber($one['at'] ?? null) &&
                is_string($one['says'] ?? null) &&
                count($one) === 2,
            10_000,
        );
    }

    /** @param  Closure(mixed): bool  $each */
    public static function isList(mixed $is, Closure $each, int $most): bool
    {
        return is_array($is) &&
            array_is_list($is) &&
            count($is) <= $most &&
            array_filter($is, fn (mixed $one): bool => ! $each($one)) === [];
    }

    public static function isNumber(mixed $is, float $most = self::FAR): bool
    {
        return (is_int($is) || is_float($is)) && abs($is) <= $most;
    }
}
