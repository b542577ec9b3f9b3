<?php

namespace DuskSwitch\App\Backup;

use Illuminate\Support\Facades\DB;
use stdClass;

/** Brings the definitions of an unpacked backup in. */
final readonly class DefinitionMerge
{
    public function __construct(private bool $keep) {}

    /** Takes in what is new, and keeps both where two differ. */
    public function merge(stdClass $one): RestoreStatus
    {
        $here = DB::table('main.definitions')->where('kind', $one->kind)->where('slug', $one->slug)->first();
        $mine = self::texts('main', $one);
        $theirs = self::texts('staged', $one);
        $status =
            $here === null
                ? RestoreStatus::New
                : RestoreStatus::of(
                    $mine,
                    $theirs,
                    (int) $here->head === (int) $one->head &&
                        ($here->deleted_at === null) === ($one->deleted_at === null),
                );
        $this->keep &&
            match ($status) {
                RestoreStatus::New => $this->add($one),
                RestoreStatus::Newer => $this->renew($one, $mine),
                RestoreStatus::Conflict => $this->keepInHistory($one, $mine, $theirs[$one->head]),
                RestoreStatus::Same, RestoreStatus::Older => null,
            };

        return $status;
    }

    private function add(stdClass $one): void
    {
        DB::table('main.definitions')->insert(array_diff_key((array) $one, ['id' => true]));
        $this->addRevisions($one, []);
    }

    /** @param  array<int, string>  $mine */
    private function renew(stdClass $one, array $mine): void
    {
        $this->addRevisions($one, $mine);
        DB::table('main.definitions')
            ->where('kind', $one->kind)
            ->where('slug', $one->slug)
            ->update([
                'head' => $one->head,
                'document' => $one->document,
                'deleted_at' => $one->deleted_at,
                'updated_at' => $one->updated_at,
            ]);
    }

    /**
     * Ours stays as it is; theirs can be brought back from the history.
     *
     * @param  array<int, string>  $mine
     */
    private function keepInHistory(stdClass $one, array $mine, string $theirs): void
    {
        if (! in_array($theirs, $mine, true)) {
            DB::table('main.definition_revisions')->insert([
                'kind' => $one->kind,
                'slug' => $one->slug,
                'number' => max(array_keys($mine)) + 1,
                'document' => $theirs,
                'created_at' => $one->updated_at ?? now(),
            ]);
        }
    }

    /** @param  array<int, string>  $known  by number */
    private function addRevisions(stdClass $one, array $known): void
    {
        foreach (self::revisions('staged', $one)->get() as $revision) {
            if (! isset($known[$revision->number])) {
                DB::table('main.definition_revisions')->insert(array_diff_key((array) $revision, ['id' => true]));
            }
        }
    }

    /** @return array<int, string> by number */
    private static function texts(string $where, stdClass $one): array
    {
        return self::revisions($where, $one)->pluck('document', 'number')->all();
    }

    private static function revisions(string $where, stdClass $one): \Illuminate\Database\Query\Builder
    {
        return DB::table("{$where}.definition_revisions")
            ->where('kind', $one->kind)
            ->where('slug', $one->slug)
            ->orderBy('number');
    }
}
