<?php

namespace DuskSwitch\App\Backup;

use DuskSwitch\App\Log\LogFile;
use DuskSwitch\Core\Fault\Refused;
use Generator;
use PDO;
use stdClass;
use ZipArchive;

/**
 * A backup that was opened: a list of files, each with its sum. It is somebody else's until it is read: names, sizes
 * and
 * how tightly it is packed are checked here, and the sum of each file as it is read.
 */
final class BackupFile
{
    private const NAMES =
        '#^(?:manifest\.json|files\.jsonl|pilot\.json|logbook\.json|logbook/[a-z_]{1,20}\.jsonl'.
        '|aircraft/[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}/(?:aircraft\.json|revisions\.jsonl|acts\.jsonl|revisions/[1-9][0-9]{0,9}\.json)'.
        '|equipment/[a-z-]{1,40}/[a-z0-9-]{1,80}/(?:definition\.json|revisions/[1-9][0-9]{0,9}\.json)'.
        '|recordings/[0-9a-f]{64})$#D';

    /** The largest of one document, and of one line. */
    private const MOST_BYTES_OF_ONE = 4_000_000;

    /** Backups of before version 4 have their logbook, and their list of files, in one document each. */
    private const MOST_BYTES_OF_FORMER = 200_000_000;

    /** Nobody has more files than these. */
    private const MOST_FILES = 2_000_000;

    /** What unpacks to more than this many bytes, and to more than so many times its size, was made to burst. */
    private const SMALL = 64_000_000;

    private const BURSTING = 100;

    /** Files that are known: name, sum, bytes, and whether it was read. On the disk, however many there are. */
    private readonly PDO $listing;

    private int $files = 0;

    private int $bytes = 0;

    private int $read = 0;

    public readonly int $version;

    private function __construct(private readonly ZipArchive $zip, private readonly int $packed)
    {
        $this->listing = new PDO('sqlite:', options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
        $this->listing->exec(
            'CREATE TABLE files (name TEXT PRIMARY KEY, sha256 TEXT, bytes INTEGER, is_read INTEGER DEFAULT 0) WITHOUT ROWID',
        );
        $manifest = $this->manifest();
        $this->version = $manifest->version;
        $this->listing->beginTransaction();
        foreach ($this->version < 4 ? $this->formerListing($manifest) : $this->listed($manifest) as [$name, $sum]) {
            $this->know($name, $sum);
        }
        $this->listing->commit();
        if ($zip->numFiles !== $this->files + ($this->version < 4 ? 1 : 2)) {
            throw Refused::because(
                '',
                "this backup is damaged: it lists {$this->files} files and holds another number. Take another backup",
            );
        }
        if ($this->bytes > self::SMALL && $this->bytes > self::BURSTING * $packed) {
            throw Refused::because(
                '',
                'this unpacks to '.
                    round($this->bytes / max(1, $packed)).
                    ' times its size: that is no backup of Dusk Switch',
            );
        }
    }

    /**
     * Opens a backup and looks at its list of files.
     *
     * @throws Refused where it isn't one, or is damaged
     */
    public static function open(string $file): self
    {
        $zip = new ZipArchive();
        if (! is_file($file)) {
            throw Refused::because('', 'there is no such file');
        }
        if ($zip->open($file, ZipArchive::RDONLY) !== true) {
            throw Refused::because('', 'this is no backup: it can\'t be opened as a ZIP file');
        }

        return new self($zip, (int) filesize($file));
    }

    /** Bytes that it unpacks to. */
    public function bytes(): int
    {
        return $this->bytes;
    }

    /** Files in it, and how many of them were read. @return array{int, int} */
    public function progress(): array
    {
        return [$this->read, $this->files];
    }

    /** @return list<string> names below a folder, in order */
    public function names(string $folder): array
    {
        $found = $this->listing->prepare('SELECT name FROM files WHERE name >= ? AND name < ? ORDER BY name');
        $found->execute([$folder, "{$folder}\xff"]);

        return $found->fetchAll(PDO::FETCH_COLUMN);
    }

    public function has(string $name): bool
    {
        return $this->sum($name) !== null;
    }

    /** @return list<string> files that nothing has read: nothing in the backup names them */
    public function unread(): array
    {
        $found = $this->listing->query('SELECT name FROM files WHERE NOT is_read ORDER BY name LIMIT 5');

        return $found === false ? [] : $found->fetchAll(PDO::FETCH_COLUMN);
    }

    /** A file that is text, found to be what the list says. */
    public function text(string $name): string
    {
        $sum = $this->sum($name) ?? $this->fault($name, 'this file is missing from the backup');
        $text = $this->zip->getFromName($name);
        ($text !== false && hash('sha256', $text) === $sum) || $this->damaged($name);
        $this->mark($name);

        return (string) $text;
    }

    /** A file that is an object. */
    public function object(string $name): stdClass
    {
        return $this->decoded($this->text($name), $name);
    }

    /**
     * A file of a JSON object a line.
     *
     * @return Generator<Row>
     */
    public function rows(string $name): Generator
    {
        $sum = $this->sum($name) ?? $this->fault($name, 'this file is missing from the backup');
        yield from $this->lines($name, $sum);
        $this->mark($name);
    }

    /** Copies a file out, or only reads it, and finds it to be what the list says. */
    public function copy(string $name, ?string $path): void
    {
        $sum = $this->sum($name) ?? $this->fault($name, 'this file is missing from the backup');
        $in = $this->zip->getStream($name);
        $out = $path === null ? null : @fopen($path, 'wb');
        if ($in === false || $out === false) {
            throw Refused::because($name, 'this file can\'t be copied out; the disk may be full');
        }
        $hash = hash_init('sha256');
        while (($piece = fread($in, 65_536)) !== false && $piece !== '') {
            hash_update($hash, $piece);
            if ($out !== null && @fwrite($out, $piece) !== strlen($piece)) {
                throw Refused::because($name, 'this file can\'t be copied out; the disk may be full');
            }
        }
        fclose($in);
        $out === null || (fsync($out) && fclose($out));
        hash_final($hash) === $sum || $this->damaged($name);
        $this->mark($name);
    }

    private function manifest(): stdClass
    {
        $stat = $this->zip->statName(Backup::MANIFEST);
        $text =
            $stat === false || $stat['size'] > self::MOST_BYTES_OF_FORMER
                ? false
                : $this->zip->getFromName(Backup::MANIFEST);
        $manifest = $text === false ? null : json_decode($text);
        if (! ($manifest instanceof stdClass) || ($manifest->format ?? null) !== Backup::FORMAT) {
            throw Refused::because(
                Backup::MANIFEST,
                'this is no backup of Dusk Switch: its list of contents is missing or isn\'t one',
            );
        }
        $version = $manifest->version ?? null;
        if (is_int($version) && $version > Backup::VERSION) {
            throw Refused::because(
                'manifest.json: version',
                'this backup was made by a newer version of Dusk Switch; update this one first',
            );
        }
        if (! is_int($version) || $version < 1) {
            throw Refused::because('manifest.json: version', 'must be a whole number from 1 to '.Backup::VERSION);
        }

        return $manifest;
    }

    /** @return Generator<array{string, string}> name and sum */
    private function listed(stdClass $manifest): Generator
    {
        $sum = $manifest->listing->sha256 ?? null;
        is_string($sum) || $this->fault(Backup::MANIFEST, 'it doesn\'t say what the list of files is');
        foreach ($this->lines(Backup::LISTING, $sum) as $row) {
            yield [$row->text('name', 255), $row->sum('sha256')];
        }
    }

    /** @return Generator<array{string, string}> name and sum */
    private function formerListing(stdClass $manifest): Generator
    {
        $files = $manifest->files ?? null;
        $files instanceof stdClass || $this->fault(Backup::MANIFEST, 'its list of contents is missing or isn\'t one');
        foreach (get_object_vars($files) as $name => $is) {
            $sum = $is instanceof stdClass ? $is->sha256 ?? null : null;
            yield [(string) $name, is_string($sum) ? $sum : $this->damaged((string) $name)];
        }
    }

    private function know(string $name, string $sum): void
    {
        preg_match(self::NAMES, $name) === 1 ||
            $this->fault(
                mb_strimwidth(mb_scrub($name), 0, 80, '…'),
                'no backup has a file of this name; nothing was unpacked',
            );
        $stat = $this->zip->statName($name);
        if ($stat === false) {
            throw Refused::because(
                $name,
                'this backup is damaged: it lists this file and doesn\'t hold it. Take another backup',
            );
        }
        $most = match (true) {
            str_starts_with($name, 'recordings/') => LogFile::MOST,
            $name === 'logbook.json' => self::MOST_BYTES_OF_FORMER,
            str_ends_with($name, '.jsonl') => PHP_INT_MAX,
            default => self::MOST_BYTES_OF_ONE,
        };
        if ($stat['size'] > $most) {
            throw Refused::because(
                $name,
                'this file is larger than any of its kind: '.round($stat['size'] / 1e6).' MB',
            );
        }
        if (str_starts_with($name, 'recordings/') && $name !== "recordings/{$sum}") {
            $this->damaged($name);
        }
        if (++$this->files > self::MOST_FILES) {
            throw Refused::because(
                '',
                'this backup lists more than '.number_format(self::MOST_FILES).' files: that is no hangar',
            );
        }
        $this->bytes += $stat['size'];
        $into = $this->listing->prepare('INSERT OR IGNORE INTO files (name, sha256, bytes) VALUES (?, ?, ?)');
        $into->execute([$name, $sum, $stat['size']]);
        $into->rowCount() === 1 || $this->fault($name, 'this file is listed twice');
    }

    /** @return Generator<Row> */
    private function lines(string $name, string $sum): Generator
    {
        $in = $this->zip->getStream($name);
        $in !== false || $this->fault($name, 'this file is missing from the backup');
        $hash = hash_init('sha256');
        for ($number = 1; ($line = fgets($in, self::MOST_BYTES_OF_ONE + 1)) !== false; $number++) {
            strlen($line) < self::MOST_BYTES_OF_ONE ||
                $this->fault("{$name}, line {$number}", 'this line is longer than any');
            hash_update($hash, $line);
            yield new Row($this->decoded($line, "{$name}, line {$number}"), "{$name}, line {$number}");
        }
        fclose($in);
        hash_final($hash) === $sum || $this->damaged($name);
    }

    private function decoded(string $text, string $name): stdClass
    {
        $value = json_decode($text);

        return $value instanceof stdClass
            ? $value
            : $this->fault($name, 'this isn\'t what it should be: it is no JSON object');
    }

    private function sum(string $name): ?string
    {
        $found = $this->listing->prepare('SELECT sha256 FROM files WHERE name = ?');
        $found->execute([$name]);
        $sum = $found->fetchColumn();

        return is_string($sum) ? $sum : null;
    }

    private function mark(string $name): void
    {
        $this->listing->prepare('UPDATE files SET is_read = 1 WHERE name = ?')->execute([$name]);
        $this->read++;
    }

    private function damaged(string $name): never
    {
        $this->fault($name, 'this file in the backup is damaged: it isn\'t what the list of contents says');
    }

    private function fault(string $name, string $says): never
    {
        throw Refused::because($name, "{$says}. Take another backup");
    }
}
