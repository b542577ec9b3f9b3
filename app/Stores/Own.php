<?php

namespace DuskSwitch\App\Stores;

use DuskSwitch\App\Models\Definition;
use DuskSwitch\App\Models\Pilot;
use DuskSwitch\Core\Units\UnitSystem;
use Illuminate\Support\Facades\Schema;

/** The pilot's own definitions and habits. */
final class Own
{
    /** @var array<string, bool> tables that there are */
    private array $ready = [];

    /** A command may run where no database was ever made: then there is nothing of one's own. */
    private function has(string $table): bool
    {
        return $this->ready[$table] ??= Schema::hasTable($table);
    }

    /** The text of a definition, or null. */
    public function text(Kind $kind, string $id): ?string
    {
        return $this->has('definitions') ? Definition::where('kind', $kind->value)->where('slug', $id)->first()?->document : null;
    }

    /** What the pilot reads values in, or null where nothing can be known. */
    public function units(): ?UnitSystem
    {
        return $this->has('pilots') ? Pilot::here()->units : null;
    }

    /** @return array<string, string> texts by id */
    public function all(Kind $kind): array
    {
        return $this->has('definitions') ? Definition::where('kind', $kind->value)->orderBy('slug')->pluck('document', 'slug')->all() : [];
    }

    public function keep(Kind $kind, string $id, string $text): void
    {
        Definition::updateOrCreate(['kind' => $kind->value, 'slug' => $id], ['document' => $text]);
    }

    /** True where there was one. */
    public function remove(Kind $kind, string $id): bool
    {
        return Definition::where('kind', $kind->value)->where('slug', $id)->delete() > 0;
    }
}
