<?php

namespace DuskSwitch\App\Logbook;

use DuskSwitch\Core\Bench\BenchSteps;
use DuskSwitch\Core\Checklist\Checklists;
use DuskSwitch\Core\Program\Family;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Everything that happened, the newest first: flights, bindings, checklists, tests at the bench, work and packs. */
final readonly class TimeLine
{
    /** Acts that are told of one by one; lines that were entered are told of by the day. */
    private const ACTS = ['bind', 'check', 'test', 'settings'];

    /** @param  int|null  $aircraft  of which; null for all */
    public function __construct(private ?int $aircraft) {}

    /** @return list<array<string, mixed>> */
    public function json(): array
    {
        $all = [
            ...$this->flights(),
            ...$this->acts(),
            ...$this->entered(),
            ...$this->work(),
            ...$this->aircraft === null ? self::packs() : [],
        ];
        usort($all, fn (array $a, array $b): int => [$b['at'], $b['kind']] <=> [$a['at'], $a['kind']]);

        return $all;
    }

    /** @return array<string, mixed> */
    private static function one(stdClass $row, string $at, string $kind, string $says, string $detail): array
    {
        return [
            'at' => strlen($at) > 10 ? str_replace(' ', 'T', substr($at, 0, 19)).'Z' : $at,
            'kind' => $kind,
            'flight' => $kind === 'flight' ? (int) $row->id : null,
            'aircraft' => isset($row->aircraft_id) ? (int) $row->aircraft_id : null,
            'aircraftName' => (string) ($row->aircraft_name ?? ''),
            'says' => $says,
            'detail' => $detail,
        ];
    }

    private function of(string $table): Builder
    {
        return DB::table($table)
            ->leftJoin('aircraft', 'aircraft.id', '=', "{$table}.aircraft_id")
            ->when(
                $this->aircraft !== null,
                fn (Builder $query) => $query->where("{$table}.aircraft_id", $this->aircraft),
            );
    }

    /** @return list<array<string, mixed>> */
    private function flights(): array
    {
        return $this->of('flights')
            ->whereNotNull('flown_at')
            ->get(['flights.*', 'aircraft.family'])
            ->map(
                fn (stdClass $one): array => self::one(
                    $one,
                    (string) $one->flown_at,
                    'flight',
                    implode(
                        ' ',
                        array_filter([
                            $one->family === Family::GroundVehicle->value ? 'Driven' : 'Flown',
                            $one->seconds === null
                                ? ''
                                : 'for '.
                                    sprintf('%d:%02d', intdiv((int) $one->seconds, 60), (int) $one->seconds % 60),
                            $one->site === '' ? '' : "at {$one->site}",
                        ]),
                    ),
                    (string) $one->note,
                ),
            )
            ->all();
    }

    /** @return list<array<string, mixed>> */
    private function acts(): array
    {
        return $this->of('acts')
            ->whereIn('kind', self::ACTS)
            ->get(['acts.*', 'aircraft.name as aircraft_name'])
            ->map(
                fn (stdClass $one): array => self::one(
                    $one,
                    (string) $one->created_at,
                    $one->kind,
                    match ($one->kind) {
                        'bind' => 'Bound',
                        'check' => 'Checklist: '.(Checklists::TITLES[$one->about] ?? $one->about),
                        'test' => 'Tested: '.(BenchSteps::by($one->about)?->says() ?? $one->about),
                        default => 'Controller\'s settings kept',
                    },
                    trim("Revision {$one->revision}. {$one->note}"),
                ),
            )
            ->all();
    }

    /** @return list<array<string, mixed>> lines of the sheet that were entered, by the day */
    private function entered(): array
    {
        return $this->of('acts')
            ->where('kind', 'entry')
            ->groupByRaw('acts.aircraft_id, aircraft.name, acts.about, date(acts.created_at)')
            ->selectRaw(
                'acts.aircraft_id, aircraft.name as aircraft_name, acts.about, count(*) as lines, max(acts.created_at) as at',
            )
            ->get()
            ->map(
                fn (stdClass $one): array => self::one(
                    $one,
                    (string) $one->at,
                    'entry',
                    (int) $one->lines === 1
                        ? 'A line of the sheet entered'
                        : "{$one->lines} lines of the sheet entered",
                    '',
                ),
            )
            ->all();
    }

    /** @return list<array<string, mixed>> */
    private function work(): array
    {
        return $this->of('upkeep')
            ->get(['upkeep.*', 'aircraft.name as aircraft_name'])
            ->map(
                fn (stdClass $one): array => self::one(
                    $one,
                    substr((string) $one->done_on, 0, 10),
                    'work',
                    "{$one->part}: {$one->did}",
                    (string) $one->note,
                ),
            )
            ->all();
    }

    /** @return list<array<string, mixed>> */
    private static function packs(): array
    {
        return DB::table('pack_acts')
            ->join('packs', 'packs.id', '=', 'pack_acts.pack_id')
            ->get(['pack_acts.*', 'packs.label'])
            ->map(
                fn (stdClass $one): array => self::one(
                    $one,
                    substr((string) $one->done_on, 0, 10),
                    'pack',
                    match ($one->kind) {
                        'charge' => "{$one->label} charged".
                            ($one->mah === null ? '' : ', '.round((float) $one->mah).' mAh'),
                        'storage' => "{$one->label} brought to storage",
                        default => "{$one->label} measured".
                            ($one->milliohms === null ? '' : ', '.round((float) $one->milliohms, 1).' mΩ a cell'),
                    },
                    (string) $one->note,
                ),
            )
            ->all();
    }
}
