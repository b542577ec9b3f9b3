<?php

namespace DuskSwitch\App\Backup;

use DuskSwitch\App\Jobs\NoProgress;
use DuskSwitch\App\Jobs\Progress;
use DuskSwitch\App\Log\Imports;
use DuskSwitch\App\Models\Act;
use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\App\Models\Definition;
use DuskSwitch\App\Models\DefinitionRevision;
use DuskSwitch\App\Models\Pilot;
use DuskSwitch\App\Models\Revision;
use DuskSwitch\Core\Units\UnitSystem;
use Illuminate\Support\Facades\DB;
use Ramsey\Uuid\Uuid;
use stdClass;

/** Brings a backup in: beside what is here, or in its place. Nothing is changed where it fails. */
final class Restore
{
    private int $done = 0;

    private readonly DefinitionRestore $definitions;

    public function __construct(
        private readonly BackupFile $backup,
        private readonly Progress $progress = new NoProgress(),
    ) {
        $this->definitions = new DefinitionRestore($backup);
    }

    /** What restoring would do: everything in the backup with how it stands to what is here. */
    public function preview(): Preview
    {
        $aircraft = array_map(
            fn (stdClass $one): array => ['name' => $this->nameOf($one), 'is' => $this->ofAircraft($one)],
            $this->backup->aircraft(),
        );
        $definitions = array_map(
            fn (stdClass $one): array => ['name' => "{$one->kind}/{$one->id}", 'is' => $this->definitions->status($one)],
            $this->backup->definitions(),
        );
        $kept = array_column($this->backup->aircraft(), 'uuid');
        $gone = Aircraft::query()->whereNotIn('uuid', $kept)->orderBy('name')->pluck('name')->all();

        return new Preview($aircraft, $definitions, array_values($gone));
    }

    /** Takes in what is new, and keeps both where two differ. */
    public function merge(): void
    {
        DB::transaction(function (): void {
            foreach ($this->backup->definitions() as $one) {
                $this->definitions->merge($one);
                $this->step();
            }
            foreach ($this->backup->aircraft() as $one) {
                $this->mergeAircraft($one);
                $this->step();
            }
            if (Pilot::query()->doesntExist()) {
                $this->habits();
            }
            $this->logbook();
        });
    }

    /** Everything becomes as it was in the backup. */
    public function replace(): void
    {
        DB::transaction(function (): void {
            LogbookTables::clear();
            Act::query()->delete();
            Revision::query()->delete();
            Aircraft::withTrashed()->forceDelete();
            DefinitionRevision::query()->delete();
            Definition::withTrashed()->forceDelete();
            foreach ($this->backup->definitions() as $one) {
                $this->definitions->add($one);
                $this->step();
            }
            foreach ($this->backup->aircraft() as $one) {
                $this->addAircraft($one, $one->uuid, $one->name);
                $this->step();
            }
            $this->habits();
            $this->logbook();
        });
    }

    /** The logbook, and its recordings read once more from the files as they came. */
    private function logbook(): void
    {
        $imports = app(Imports::class);
        foreach (LogbookTables::merge($this->backup->logbook()) as $sha256) {
            if ($this->backup->hasRecording($sha256)) {
                $imports->restore($sha256, fn (string $path) => $this->backup->recording($sha256, $path));
            }
        }
    }

    private function habits(): void
    {
        $units = UnitSystem::tryFrom($this->backup->units() ?? '');
        if ($units !== null) {
            Pilot::here()
                ->fill(['units' => $units])
                ->save();
        }
    }

    private function ofAircraft(stdClass $one): RestoreStatus
    {
        $here = Aircraft::withTrashed()->where('uuid', $one->uuid)->first();
        if ($here === null) {
            return RestoreStatus::New;
        }
        $mine = $here->revisions()->pluck('document', 'number')->all();
        $theirs = [];
        foreach ($one->revisions as $revision) {
            $theirs[$revision->number] = $this->backup->program($one->uuid, $revision->number);
        }

        return RestoreStatus::of(
            $mine,
            $theirs,
            $here->head === $one->head && $here->trashed() === ($one->deleted !== null),
        );
    }

    private function mergeAircraft(stdClass $one): void
    {
        match ($this->ofAircraft($one)) {
            RestoreStatus::New => $this->addAircraft($one, $one->uuid, $one->name),
            RestoreStatus::Newer => $this->goOn($one),
            // Both went on from the same: theirs becomes an aircraft beside ours.
            RestoreStatus::Conflict => $this->addTwin($one),
            RestoreStatus::Same, RestoreStatus::Older => null,
        };
    }

    /** An aircraft beside the present one; restoring the same backup once more adds no further one. */
    private function addTwin(stdClass $one): void
    {
        $uuid = (string) Uuid::uuid5(
            Uuid::NAMESPACE_OID,
            $one->uuid.hash('sha256', $this->backup->program($one->uuid, $one->head)),
        );
        if (Aircraft::withTrashed()->where('uuid', $uuid)->doesntExist()) {
            $this->addAircraft($one, $uuid, mb_substr((string) $one->name, 0, 46).' (from backup)');
        }
    }

    /** What the backup has more of an aircraft that is here. */
    private function goOn(stdClass $one): void
    {
        $here = Aircraft::withTrashed()->where('uuid', $one->uuid)->firstOrFail();
        $known = $here->revisions()->pluck('number')->all();
        $this->addRevisions(
            $one,
            $here->id,
            array_values(
                array_filter(
                    $one->revisions,
                    fn (stdClass $revision): bool => ! in_array($revision->number, $known, true),
                ),
            ),
        );
        DB::table('aircraft')
            ->where('id', $here->id)
            ->update([
                'name' => $one->name,
                'family' => $one->family,
                'transmitter' => $one->transmitter,
                'head' => $one->head,
                'deleted_at' => $one->deleted,
                'updated_at' => $one->changed,
            ]);
        $this->addActs($one, $here->id);
    }

    private function addAircraft(stdClass $one, string $uuid, string $name): void
    {
        $taken = DB::table('aircraft')->where('id', $one->id)->exists();
        $id = (int) DB::table('aircraft')->insertGetId([
            ...$taken ? [] : ['id' => $one->id],
            'uuid' => $uuid,
            'name' => $name,
            'family' => $one->family,
            'transmitter' => $one->transmitter,
            'head' => $one->head,
            'created_at' => $one->made,
            'updated_at' => $one->changed,
            'deleted_at' => $one->deleted,
        ]);
        $this->addRevisions($one, $id, $one->revisions);
        $this->addActs($one, $id);
    }

    /** @param  list<stdClass>  $revisions */
    private function addRevisions(stdClass $one, int $id, array $revisions): void
    {
        foreach ($revisions as $revision) {
            DB::table('revisions')->insert([
                'aircraft_id' => $id,
                'number' => $revision->number,
                'parent' => $revision->parent,
                'document' => $this->backup->program($one->uuid, $revision->number),
                'note' => $revision->note,
                'aside' => $revision->aside,
                'created_at' => $revision->at,
            ]);
        }
    }

    private function addActs(stdClass $one, int $id): void
    {
        foreach ($one->acts as $act) {
            $row = [
                'aircraft_id' => $id,
                'kind' => $act->kind,
                'about' => $act->about,
                'revision' => $act->revision,
                'fingerprint' => $act->fingerprint,
                'items' => json_encode($act->items),
                'note' => $act->note,
                'created_at' => $act->at,
            ];
            if (! DB::table('acts')->where($row)->exists()) {
                DB::table('acts')->insert($row);
            }
        }
    }

    private function nameOf(stdClass $one): string
    {
        return $one->name.($one->deleted === null ? '' : ' (deleted)');
    }

    private function step(): void
    {
        $this->progress->at(++$this->done, count($this->backup->aircraft()) + count($this->backup->definitions()));
    }
}
