<?php

namespace DuskSwitch\App\Logbook;

use DuskSwitch\App\Models\Flight;
use DuskSwitch\App\Models\Pilot;
use DuskSwitch\Core\Format\Csv;
use DuskSwitch\Core\Logbook\LogbookMarks;
use DuskSwitch\Core\Logbook\LoggedFacts;
use DuskSwitch\Core\Units\Unit;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Flights as the interface reads them, in the pilot's units. */
final readonly class LogbookJson
{
    /** @var array<string, Unit> by fact */
    private array $units;

    public function __construct()
    {
        $system = Pilot::here()->units;
        $this->units = array_map(fn (array $one): Unit => $system->unit($one[1], $one[2]), LoggedFacts::ALL);
    }

    /** All flights as a table, with the units in its headings. */
    public function csv(): string
    {
        $list = $this->list(null);
        $names = array_map(fn (array $one): string => trim("{$one['name']} {$one['unit']}"), $list['columns']);
        $text = Csv::row([
            'Date',
            'Aircraft',
            'Revision',
            'Seconds in the air',
            'Place',
            'Pilot',
            'Pack',
            'Charged mAh',
            'Weather',
            'Note',
            ...$names,
            'Marks',
        ]);
        foreach ($list['flights'] as $one) {
            $facts = (array) $one['facts'];
            $text .= Csv::row(
                array_map(fn (mixed $is): string|float|int => is_scalar($is) ? $is : '', [
                    $one['flownAt'],
                    $one['aircraftName'],
                    $one['revision'],
                    $one['seconds'],
                    $one['site'],
                    $one['pilot'],
                    $one['packLabel'],
                    $one['charged'],
                    $one['weather'],
                    $one['note'],
                    ...array_map(fn (array $column): ?float => $facts[$column['id']] ?? null, $list['columns']),
                    LogbookMarks::write($one['marks']),
                ]),
            );
        }

        return $text;
    }

    /**
     * Flights, the newest first: rows as they lie, as a thousand models take too long.
     *
     * @param  int|null  $aircraft  whose; null for all
     * @param  int|null  $first  so many of them, with the totals of all; null for all
     * @return array<string, mixed>
     */
    public function list(?int $aircraft, ?int $first = null): array
    {
        $whose = fn ($query) => $query->where('aircraft_id', $aircraft);
        $rows = DB::table('flights')
            ->leftJoin('packs', 'packs.id', '=', 'flights.pack_id')
            ->when($aircraft !== null, $whose)
            ->when($first !== null, fn ($query) => $query->limit($first))
            ->orderByRaw('flown_at is null')
            ->orderByDesc('flown_at')
            ->orderByDesc('flights.id')
            ->get(['flights.*', 'packs.label as pack_label'])
            ->all();
        $columns = [];
        foreach (LoggedFacts::ALL as $id => [$name]) {
            $columns[] = ['id' => $id, 'name' => $name, 'unit' => $this->units[$id]->shown()];
        }

        return [
            'columns' => $columns,
            'flights' => array_map($this->told(...), $rows),
            'totals' => LogbookTotals::of($first === null ? $rows : $this->counted($aircraft === null ? null : $whose)),
        ];
    }

    /** @return array<int, stdClass> all flights with what is counted of them */
    private function counted(?\Closure $whose): array
    {
        return DB::table('flights')
            ->leftJoin('packs', 'packs.id', '=', 'flights.pack_id')
            ->when($whose !== null, $whose)
            ->get(['aircraft_name', 'pilot', 'seconds', 'charged', 'packs.label as pack_label'])
            ->all();
    }

    /** @return array<string, mixed> */
    public function row(Flight $flight): array
    {
        return $this->told((object) [...$flight->getAttributes(), 'pack_label' => $flight->pack?->label]);
    }

    /** @return array<string, mixed> a row of the table with the label of its pack */
    private function told(stdClass $row): array
    {
        $number = fn (string|int|float|null $one): ?float => $one === null ? null : (float) $one;

        return [
            'id' => (int) $row->id,
            'flownAt' => $row->flown_at === null ? null : str_replace(' ', 'T', substr((string) $row->flown_at, 0, 19)).'Z',
            'aircraft' => $row->aircraft_id,
            'aircraftName' => $row->aircraft_name,
            'revision' => $row->revision,
            'seconds' => $number($row->seconds),
            'site' => $row->site,
            'pilot' => $row->pilot,
            'pack' => $row->pack_id,
            'packLabel' => $row->pack_label,
            'charged' => $number($row->charged),
            'weather' => $row->weather,
            'note' => $row->note,
            'recording' => $row->recording_id,
            'marks' => json_decode($row->marks, true),
            'facts' => (object) $this->facts(json_decode($row->facts, true)),
        ];
    }

    /**
     * Facts as the pilot reads them.
     *
     * @param  array<string, float|int|null>  $facts  in base units
     * @return array<string, float|null>
     */
    public function facts(array $facts): array
    {
        $read = [];
        foreach ($this->units as $id => $unit) {
            $value = $facts[$id] ?? null;
            $read[$id] = $value === null ? null : round($unit->fromBase((float) $value), $this->places($unit));
        }

        return $read;
    }

    private function places(Unit $unit): int
    {
        return $unit === Unit::Metre ? 0 : $unit->places();
    }
}
