<?php

namespace DuskSwitch\App\Stores;

use DuskSwitch\App\Models\Definition;
use Illuminate\Support\Facades\Schema;

/** The pilot's own definitions. */
final class Own
{
    private ?bool $ready = null;

    /** A command may run where no database was ever made: then there is nothing of one's own. */
    private function isReady(): bool
    {
        return $this->ready ??= Schema::hasTable('definitions');
    }

    /** The text of a definition, or null. */
    public function text(Kind $kind, string $id): ?string
    {
        return $this->isReady() ? Definition::where('kind', $kind->value)->where('slug', $id)->first()?->document : null;
    }

    /** @return array<string, string> texts by id */
    public function all(Kind $kind): array
    {
        return $this->isReady() ? Definition::where('kind', $kind->value)->orderBy('slug')->pluck('document', 'slug')->all() : [];
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
