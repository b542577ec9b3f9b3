<?php

namespace DuskSwitch\App\Database;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Which changes of its shape the database has been through. */
final class Migrations
{
    /** @return list<string> those that this version doesn't know: it was made by a newer one */
    public static function unknown(): array
    {
        return array_values(array_diff(self::done(), self::known()));
    }

    /** @return list<string> those that are still to come */
    public static function pending(): array
    {
        return array_values(array_diff(self::known(), self::done()));
    }

    /** @param  list<string>  $unknown */
    public static function newer(array $unknown): string
    {
        return 'This database was made by a newer version of Dusk Switch (it has '.
            implode(', ', $unknown).
            '). Update Dusk Switch; nothing was changed.';
    }

    /** @return list<string> */
    private static function done(): array
    {
        return Schema::hasTable('migrations') ? DB::table('migrations')->pluck('migration')->all() : [];
    }

    /** @return list<string> */
    private static function known(): array
    {
        return array_map(
            fn (string $file): string => basename($file, '.php'),
            glob(database_path('migrations/*.php')) ?: [],
        );
    }
}
