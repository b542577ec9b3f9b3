<?php

namespace DuskSwitch\App\Backup;

use PDO;
use PDOException;

/** Copies of the database beside it: one before every change of its shape, and one a day. The last ten are kept. */
final readonly class Copies
{
    private const KEPT = 10;

    private const DAY = 86_400;

    public function __construct(private string $database) {}

    private function folder(): string
    {
        return dirname($this->database).'/copies';
    }

    /** @return list<string> the files, the newest first: by their number, as clocks go back */
    public function all(): array
    {
        $name = basename($this->database, '.sqlite');
        $files = glob($this->folder()."/{$name}-[0-9][0-9][0-9][0-9][0-9][0-9]-*.sqlite") ?: [];
        rsort($files);

        return $files;
    }

    /**
     * Makes a copy; gives its file.
     *
     * @param  string  $why  a word for its name
     *
     * @throws PDOException where the database can't be read or the copy not be written
     */
    public function make(string $why): string
    {
        if (! is_dir($this->folder())) {
            @mkdir($this->folder(), 0o775, true);
        }
        $all = $this->all();
        $name = basename($this->database, '.sqlite');
        $last = $all === [] ? 0 : (int) substr(basename($all[0]), strlen($name) + 1, 6);
        $file = sprintf('%s/%s-%06d-%s-%s.sqlite', $this->folder(), $name, $last + 1, date('Ymd'), $why);
        $aside = "{$file}.part";
        @unlink($aside);
        $pdo = new PDO(
            "sqlite:{$this->database}",
            options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION, PDO::ATTR_TIMEOUT => 5],
        );
        $pdo->exec('VACUUM INTO '.$pdo->quote($aside));
        rename($aside, $file);
        array_map(unlink(...), array_slice($this->all(), self::KEPT));

        return $file;
    }

    /** True where the newest is older than a day, or from a day that hasn't come yet. */
    public function isDue(): bool
    {
        $newest = $this->all()[0] ?? null;
        $age = $newest === null ? PHP_INT_MAX : time() - (int) filemtime($newest);

        return $age > self::DAY || $age < 0;
    }

    /** The newest copy that is whole, or null. */
    public function newestGood(): ?string
    {
        foreach ($this->all() as $file) {
            if (Integrity::of($file) === null) {
                return $file;
            }
        }

        return null;
    }
}
