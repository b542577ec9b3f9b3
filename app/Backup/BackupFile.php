<?php

namespace DuskSwitch\App\Backup;

use DuskSwitch\App\Hangar\Acts;
use DuskSwitch\App\Jobs\NoProgress;
use DuskSwitch\App\Jobs\Progress;
use DuskSwitch\App\Log\LogFile;
use DuskSwitch\Core\Fault\Refused;
use stdClass;
use ZipArchive;

/** A backup that was opened and found whole: every file is what the manifest says. */
final class BackupFile
{
    /** Files in a backup: some three hundred aircraft with three thousand revisions each. */
    private const MOST_FILES = 1_000_000;

    private const MOST_BYTES_OF_ONE = 4_000_000;

    /** @param  list<string>  $names  of everything but the manifest */
    private function __construct(private readonly ZipArchive $zip, private readonly array $names) {}

    /**
     * Opens a backup and checks every file in it.
     *
     * @throws Refused where it isn't one, or is damaged
     */
    public static function open(string $file, Progress $progress = new NoProgress()): self
    {
        $zip = new ZipArchive();
        if (! is_file($file) || $zip->open($file, ZipArchive::RDONLY) !== true) {
            throw Refused::because('', 'this is no backup: it can\'t be opened as a ZIP file');
        }
        $text = $zip->getFromName(Backup::MANIFEST);
        $manifest = $text === false ? null : json_decode($text);
        if (
            ! ($manifest instanceof stdClass) ||
            ($manifest->format ?? null) !== Backup::FORMAT ||
            ! (($manifest->files ?? null) instanceof stdClass)
        ) {
            throw Refused::because(
                Backup::MANIFEST,
                'this is no backup of Dusk Switch: its list of contents is missing or isn\'t one',
            );
        }
        if (! in_array($manifest->version ?? null, [1, 2, Backup::VERSION], true)) {
            throw Refused::because(
                'manifest.json.version',
                'this backup was made by a newer version of Dusk Switch; update this one first',
            );
        }
        $listed = get_object_vars($manifest->files);
        if (count($listed) > self::MOST_FILES || $zip->numFiles !== count($listed) + 1) {
            throw Refused::because(
                '',
                'this backup is damaged: it lists '.count($listed).' files and holds '.($zip->numFiles - 1),
            );
        }
        $done = 0;
        foreach ($listed as $name => $is) {
            $sum = self::sum($zip, (string) $name);
            if ($sum === null || ! ($is instanceof stdClass) || $sum !== ($is->sha256 ?? null)) {
                throw Refused::because(
                    (string) $name,
                    'this file in the backup is damaged: it isn\'t what the list of contents says. Take another backup',
                );
            }
            $progress->at(++$done, count($listed));
        }

        return new self($zip, array_map(strval(...), array_keys($listed)));
    }

    /** The sum of a file in the ZIP, read piece by piece; null where it is missing or larger than its kind can be. */
    private static function sum(ZipArchive $zip, string $name): ?string
    {
        $stat = $zip->statName($name);
        $most = str_starts_with($name, 'recordings/') ? LogFile::MOST : self::MOST_BYTES_OF_ONE;
        $in = $stat === false || $stat['size'] > $most ? false : $zip->getStream($name);
        if ($in === false) {
            return null;
        }
        $hash = hash_init('sha256');
        hash_update_stream($hash, $in);
        fclose($in);

        return hash_final($hash);
    }

    /** The logbook's rows by table; nothing in backups of earlier versions. */
    public function logbook(): stdClass
    {
        $book = in_array('logbook.json', $this->names, true) ? json_decode($this->text('logbook.json')) : null;

        return $book instanceof stdClass ? $book : new stdClass();
    }

    /** Copies a recording out to a file. */
    public function recording(string $sha256, string $path): void
    {
        $in = $this->zip->getStream("recordings/{$sha256}");
        $out = @fopen($path, 'wb');
        if ($in === false || $out === false || stream_copy_to_stream($in, $out) === false) {
            throw Refused::because("recordings/{$sha256}", 'this recording can\'t be copied out; the disk may be full');
        }
        fclose($in);
        fclose($out);
    }

    /** True where a recording is in it. */
    public function hasRecording(string $sha256): bool
    {
        return in_array("recordings/{$sha256}", $this->names, true);
    }

    /** @return list<stdClass> the aircraft, with `revisions` and `acts` */
    public function aircraft(): array
    {
        return array_map(self::acts(...), $this->all('#^aircraft/[^/]+/aircraft\.json$#'));
    }

    /** Version 1 had bindings and checklists only, without a fingerprint. */
    private static function acts(stdClass $one): stdClass
    {
        if (! isset($one->acts)) {
            $one->acts = array_map(
                fn (stdClass $check): stdClass => (object) [
                    'kind' => $check->list === Acts::BINDING ? 'bind' : 'check',
                    'about' => $check->list,
                    'revision' => $check->revision,
                    'fingerprint' => null,
                    'items' => $check->items,
                    'note' => $check->reason,
                    'at' => $check->at,
                ],
                $one->checks ?? [],
            );
        }

        return $one;
    }

    /** @return list<stdClass> the definitions, with `revisions` */
    public function definitions(): array
    {
        return $this->all('#^equipment/[^/]+/[^/]+/definition\.json$#');
    }

    /** The text of an aircraft's revision. */
    public function program(string $uuid, int $number): string
    {
        return $this->text("aircraft/{$uuid}/revisions/{$number}.json");
    }

    /** The text of a definition's revision. */
    public function definition(string $kind, string $id, int $number): string
    {
        return $this->text("equipment/{$kind}/{$id}/revisions/{$number}.json");
    }

    public function units(): ?string
    {
        $pilot = json_decode($this->text('pilot.json'));
        $units = $pilot instanceof stdClass ? $pilot->units ?? null : null;

        return is_string($units) ? $units : null;
    }

    private function text(string $name): string
    {
        $text = $this->zip->getFromName($name);

        return $text === false
            ? throw Refused::because($name, 'this file is missing from the backup. Take another backup')
            : $text;
    }

    /** @return list<stdClass> */
    private function all(string $pattern): array
    {
        return array_map(function (string $name): stdClass {
            $value = json_decode($this->text($name));

            return $value instanceof stdClass && is_array($value->revisions ?? null)
                ? $value
                : throw Refused::because(
                    $name,
                    'this file in the backup isn\'t what it should be. Take another backup',
                );
        }, array_values(array_filter($this->names, fn (string $name): bool => preg_match($pattern, $name) === 1)));
    }
}
