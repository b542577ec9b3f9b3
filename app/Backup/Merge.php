<?php

namespace DuskSwitch\App\Backup;

use Illuminate\Support\Facades\DB;
use stdClass;

/**
 * Lays an unpacked backup over what is here: what is new comes in, and where both went on both are kept. It runs
 * with the
 * backup attached as `staged`, and where it keeps something inside a transaction.
 */
final class Merge
{
    /** @var list<array{name: string, is: RestoreStatus}> */
    private array $aircraft = [];

    /** @var list<array{name: string, is: RestoreStatus}> */
    private array $definitions = [];

    /** @var array<string, Tally> */
    private array $logbook = [];

    /** @param  bool  $keep  false only looks */
    public function __construct(private readonly bool $keep) {}

    public function all(): self
    {
        $definitions = new DefinitionMerge($this->keep);
        foreach (DB::table('staged.definitions')->orderBy('kind')->orderBy('slug')->get() as $one) {
            $this->definitions[] = ['name' => "{$one->kind}/{$one->slug}", 'is' => $definitions->merge($one)];
        }
        $aircraft = new AircraftMerge($this->keep);
        foreach (DB::table('staged.aircraft')->orderBy('id')->get() as $one) {
            $this->aircraft[] = [
                'name' => $one->name.($one->deleted_at === null ? '' : ' (deleted)'),
                'is' => $aircraft->merge($one),
            ];
        }
        if ($this->keep && DB::table('main.pilots')->doesntExist()) {
            array_map(
                fn (stdClass $one) => DB::table('main.pilots')->insert(['units' => $one->units]),
                DB::table('staged.pilots')->get()->all(),
            );
        }
        $this->logbook = ['what was done' => $aircraft->acts(), ...(new LogbookMerge($this->keep))->all()];

        return $this;
    }

    /** @return list<array{name: string, is: RestoreStatus}> */
    public function aircraft(): array
    {
        return $this->aircraft;
    }

    /** @return list<array{name: string, is: RestoreStatus}> */
    public function definitions(): array
    {
        return $this->definitions;
    }

    /** @return array<string, Tally> by what is counted */
    public function logbook(): array
    {
        return $this->logbook;
    }

    /** @return list<string> names of aircraft that are only here */
    public function gone(): array
    {
        return array_values(
            DB::table('main.aircraft')
                ->whereNull('deleted_at')
                ->whereRaw('uuid NOT IN (SELECT uuid FROM staged.aircraft)')
                ->orderBy('name')
                ->pluck('name')
                ->all(),
        );
    }
}
