<?php

namespace DuskSwitch\App\Files;

/** What was worked out and kept, so that it needn't be again: circuits, summaries, analyses. It may go at any time. */
final class KeptResults
{
    private const FOLDERS = ['circuits', 'readiness', 'flights'];

    public static function clear(): void
    {
        foreach (self::FOLDERS as $folder) {
            foreach (glob(storage_path("framework/{$folder}/*")) ?: [] as $file) {
                @unlink($file);
            }
        }
    }
}
