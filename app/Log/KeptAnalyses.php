<?php

namespace DuskSwitch\App\Log;

use Closure;

/** What was made of the flights that were looked at last, in a folder that may be lost at any time. */
final readonly class KeptAnalyses
{
    /** So many files are kept, the newest. */
    private const KEPT = 120;

    /** @param  string|null  $folder  nothing is kept where there is none */
    public function __construct(private ?string $folder) {}

    /**
     * What was kept under a key, else what is made now.
     *
     * @param  Closure(): array<string, mixed>  $make
     * @return array<string, mixed>
     */
    public function of(string $key, Closure $make): array
    {
        $file = "{$this->folder}/{$key}.json";
        $kept = $this->folder !== null && is_file($file) ? json_decode((string) @file_get_contents($file), true) : null;
        if (is_array($kept)) {
            return $kept;
        }
        // As it comes back: an empty object stays one.
        $text = json_encode($make(), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
        $this->keep($file, $text);

        return json_decode($text, true, flags: JSON_THROW_ON_ERROR);
    }

    private function keep(string $file, string $text): void
    {
        if ($this->folder === null || (! is_dir($this->folder) && ! @mkdir($this->folder, 0o775, true))) {
            return;
        }
        $aside = $file.'.'.bin2hex(random_bytes(4));
        if (@file_put_contents($aside, $text) !== false) {
            @rename($aside, $file);
        }
        $all = glob("{$this->folder}/*") ?: [];
        if (count($all) > self::KEPT) {
            usort($all, fn (string $a, string $b): int => (int) @filemtime($b) <=> (int) @filemtime($a));
            array_map(fn (string $old): bool => @unlink($old), array_slice($all, self::KEPT));
        }
    }
}
