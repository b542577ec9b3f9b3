<?php

namespace DuskSwitch\App\Files;

/** Files that may be lost at any time, in a folder that keeps the newest of them. */
final readonly class NewestFiles
{
    /** @param  string|null  $folder  nothing is kept where there is none */
    public function __construct(private ?string $folder, private int $most) {}

    /** What was kept under a name, or null. */
    public function read(string $name): ?string
    {
        $file = "{$this->folder}/{$name}";
        $text = $this->folder !== null && is_file($file) ? @file_get_contents($file) : false;

        return $text === false ? null : $text;
    }

    /** Keeps a text; where that can't be, nothing is lost but time. */
    public function keep(string $name, string $text): void
    {
        if ($this->folder === null || (! is_dir($this->folder) && ! @mkdir($this->folder, 0o775, true))) {
            return;
        }
        // Written aside and moved into place: another request never reads half of it.
        $aside = "{$this->folder}/{$name}.".bin2hex(random_bytes(4));
        if (@file_put_contents($aside, $text) !== false) {
            @rename($aside, "{$this->folder}/{$name}");
        }
        $all = glob("{$this->folder}/*") ?: [];
        if (count($all) > $this->most) {
            usort($all, fn (string $a, string $b): int => (int) @filemtime($b) <=> (int) @filemtime($a));
            array_map(fn (string $old): bool => @unlink($old), array_slice($all, $this->most));
        }
    }
}
