<?php

namespace DuskSwitch\App\Database;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Throwable;

/**
 * Which hangar this is: another one each time a backup, a copy or the demo takes its place. A page that was opened
 * before says so with what it sends (the header {@see self::HEADER}), and nothing of it is written over what was put
 * back.
 */
final class Generation
{
    public const HEADER = 'Dusk-Generation';

    /** Its number, from 0. */
    public static function now(): int
    {
        return Schema::hasTable('restores') ? (int) DB::table('restores')->max('id') : 0;
    }

    /** What a page says that it was opened in; nothing where the database can't be read, which it tells by itself. */
    public static function ofPage(): string
    {
        try {
            return (string) self::now();
        } catch (Throwable) {
            return '';
        }
    }

    /**
     * Begins the next one, where another hangar takes the place of this one; within the transaction that puts it there.
     * It is counted in milliseconds: where the database before is gone, its number is too, and none is used twice.
     */
    public static function next(): void
    {
        DB::table('restores')->insert(['id' => max(self::now() + 1, now()->getTimestampMs()), 'restored_at' => now()]);
    }

    /** @throws Restored where the page is of another one */
    public static function check(?string $said): void
    {
        if ($said !== null && $said !== '' && $said !== (string) self::now()) {
            throw new Restored();
        }
    }
}
