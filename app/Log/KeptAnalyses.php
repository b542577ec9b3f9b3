<?php

namespace DuskSwitch\App\Log;

use Closure;
use DuskSwitch\App\Files\NewestFiles;

/** What was made of the flights that were looked at last, in a folder that may be lost at any time. */
final readonly class KeptAnalyses
{
    /** So many files are kept, the newest. */
    private const KEPT = 120;

    private NewestFiles $files;

    /** @param  string|null  $folder  nothing is kept where there is none */
    public function __construct(?string $folder)
    {
        $this->files = new NewestFiles($folder, self::KEPT);
    }

    /**
     * What was kept under a key, else what is made now.
     *
     * @param  Closure(): array<string, mixed>  $make
     * @return array<string, mixed>
     */
    public function of(string $key, Closure $make): array
    {
        $kept = json_decode($this->files->read("{$key}.json") ?? 'null', true);
        if (is_array($kept)) {
            return $kept;
        }
        // As it comes back: an empty object stays one.
        $text = json_encode($make(), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
        $this->files->keep("{$key}.json", $text);

        return json_decode($text, true, flags: JSON_THROW_ON_ERROR);
    }
}
