<?php

namespace DuskSwitch\App\Equipment;

use DuskSwitch\App\Models\Definition;
use DuskSwitch\App\Models\DefinitionRevision;
use DuskSwitch\App\Models\Pilot;
use DuskSwitch\Core\Units\UnitSystem;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Throwable;

/** The pilot's own definitions with their revisions, and habits. */
final class OwnDefinitions
{
    /** @var array<string, bool> tables that there are */
    private array $ready = [];

    /** A command may run where no database was ever made, or none can be read: then there is nothing of one's own. */
    private function has(string $table): bool
    {
        try {
            return $this->ready[$table] ??= Schema::hasTable($table) && $this->isPresent($table);
        } catch (Throwable $problem) {
            if (PHP_SAPI === 'cli') {
                return $this->ready[$table] = false;
            }
            throw $problem;
        }
    }

    /** A command doesn't change the database: one of an earlier version is left alone, and that is said. */
    private function isPresent(string $table): bool
    {
        $present = PHP_SAPI !== 'cli' || $table !== 'definitions' || Schema::hasColumn('definitions', 'deleted_at');
        if (! $present) {
            fwrite(
                STDERR,
                'The database is of an earlier version, so your own equipment is left out; ./dusk start brings it up '.
                    "to date.\n",
            );
        }

        return $present;
    }

    /** The text of a definition, or null. */
    public function text(DefinitionKind $kind, string $id): ?string
    {
        return $this->has('definitions') ? $this->find($kind, $id)->first()?->document : null;
    }

    /** What the pilot reads values in, or null where nothing can be known. */
    public function units(): ?UnitSystem
    {
        return $this->has('pilots') ? Pilot::here()->units : null;
    }

    /** @return array<string, array{string, int}> texts and revisions by id */
    public function all(DefinitionKind $kind): array
    {
        return $this->has('definitions')
            ? Definition::where('kind', $kind->value)
                ->orderBy('slug')
                ->get()
                ->mapWithKeys(fn (Definition $one): array => [$one->slug => [$one->document, $one->head]])
                ->all()
            : [];
    }

    /**
     * Keeps a text as the newest revision.
     *
     * @param  int|null  $base  the revision that it was made from; null to keep it whatever is there
     *
     * @throws DefinitionChanged where the definition is at another revision
     */
    public function keep(DefinitionKind $kind, string $id, string $text, ?int $base = null): void
    {
        DB::transaction(function () use ($kind, $id, $text, $base): void {
            $found = $this->find($kind, $id)->withTrashed()->first();
            if ($base !== null && $found !== null && ! $found->trashed() && $found->head !== $base) {
                throw new DefinitionChanged($found->head, $base);
            }
            if ($found !== null && $found->document === $text) {
                $found->restore();

                return;
            }
            $number = (int) $this->revisionsOf($kind, $id)->max('number') + 1;
            DefinitionRevision::create([
                'kind' => $kind->value,
                'slug' => $id,
                'number' => $number,
                'document' => $text,
            ]);
            Definition::withTrashed()->updateOrCreate(
                ['kind' => $kind->value, 'slug' => $id],
                ['document' => $text, 'head' => $number, 'deleted_at' => null],
            );
        });
    }

    /** Takes it away so that it can be brought back. True where there was one. */
    public function remove(DefinitionKind $kind, string $id): bool
    {
        return $this->find($kind, $id)->first()?->delete() === true;
    }

    /** Brings a revision back, or a definition that was taken away. False where there is none. */
    public function restore(DefinitionKind $kind, string $id, ?int $number): bool
    {
        return DB::transaction(function () use ($kind, $id, $number): bool {
            $head = $this->find($kind, $id)->withTrashed()->first()?->head;
            $text = $this->revisionsOf($kind, $id)
                ->where('number', $number ?? $head)
                ->first()?->document;
            if ($text === null) {
                return false;
            }
            $this->keep($kind, $id, $text);

            return true;
        });
    }

    /** @return list<DefinitionRevision> the newest first; also of what was taken away */
    public function revisions(DefinitionKind $kind, string $id): array
    {
        return $this->has('definition_revisions')
            ? array_values($this->revisionsOf($kind, $id)->orderByDesc('number')->get()->all())
            : [];
    }

    /** @return Builder<Definition> */
    private function find(DefinitionKind $kind, string $id): Builder
    {
        return Definition::where('kind', $kind->value)->where('slug', $id);
    }

    /** @return Builder<DefinitionRevision> */
    private function revisionsOf(DefinitionKind $kind, string $id): Builder
    {
        return DefinitionRevision::where('kind', $kind->value)->where('slug', $id);
    }
}
