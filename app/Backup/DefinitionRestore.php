<?php

namespace DuskSwitch\App\Backup;

use DuskSwitch\App\Models\Definition;
use DuskSwitch\App\Models\DefinitionRevision;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Brings the definitions of a backup in. */
final readonly class DefinitionRestore
{
    public function __construct(private BackupFile $backup) {}

    /** How it stands to what is here. */
    public function status(stdClass $one): RestoreStatus
    {
        $here = Definition::withTrashed()->where('kind', $one->kind)->where('slug', $one->id)->first();
        if ($here === null) {
            return RestoreStatus::New;
        }
        $mine = DefinitionRevision::where('kind', $one->kind)
            ->where('slug', $one->id)
            ->pluck('document', 'number')
            ->all();
        $theirs = [];
        foreach ($one->revisions as $revision) {
            $theirs[$revision->number] = $this->backup->definition($one->kind, $one->id, $revision->number);
        }

        return RestoreStatus::of(
            $mine,
            $theirs,
            $here->head === $one->head && $here->trashed() === ($one->deleted !== null),
        );
    }

    /** Takes in what is new, and keeps both where two differ. */
    public function merge(stdClass $one): void
    {
        match ($this->status($one)) {
            RestoreStatus::New => $this->add($one),
            RestoreStatus::Newer => $this->renew($one),
            RestoreStatus::Conflict => $this->keepInHistory($one),
            RestoreStatus::Same, RestoreStatus::Older => null,
        };
    }

    /** A definition with all its revisions. */
    public function add(stdClass $one): void
    {
        DB::table('definitions')->insert([
            'kind' => $one->kind,
            'slug' => $one->id,
            'head' => $one->head,
            'document' => $this->backup->definition($one->kind, $one->id, $one->head),
            'created_at' => $one->made,
            'updated_at' => $one->changed,
            'deleted_at' => $one->deleted,
        ]);
        foreach ($one->revisions as $revision) {
            $this->addRevision($one, $revision, $revision->number);
        }
    }

    private function renew(stdClass $one): void
    {
        $known = DefinitionRevision::where('kind', $one->kind)->where('slug', $one->id)->pluck('number')->all();
        foreach ($one->revisions as $revision) {
            if (! in_array($revision->number, $known, true)) {
                $this->addRevision($one, $revision, $revision->number);
            }
        }
        DB::table('definitions')
            ->where('kind', $one->kind)
            ->where('slug', $one->id)
            ->update([
                'head' => $one->head,
                'document' => $this->backup->definition($one->kind, $one->id, $one->head),
                'deleted_at' => $one->deleted,
                'updated_at' => $one->changed,
            ]);
    }

    /** Ours stays as it is; theirs can be brought back from the history. */
    private function keepInHistory(stdClass $one): void
    {
        $theirs = $this->backup->definition($one->kind, $one->id, $one->head);
        $known = DefinitionRevision::where('kind', $one->kind)
            ->where('slug', $one->id)
            ->pluck('document', 'number')
            ->all();
        if (! in_array($theirs, $known, true)) {
            $this->addRevision(
                $one,
                (object) ['number' => $one->head, 'at' => $one->changed],
                max(array_keys($known)) + 1,
            );
        }
    }

    private function addRevision(stdClass $one, stdClass $revision, int $number): void
    {
        DB::table('definition_revisions')->insert([
            'kind' => $one->kind,
            'slug' => $one->id,
            'number' => $number,
            'document' => $this->backup->definition($one->kind, $one->id, $revision->number),
            'created_at' => $revision->at,
        ]);
    }
}
