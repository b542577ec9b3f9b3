<?php

namespace DuskSwitch\App\Log;

use DuskSwitch\App\Models\Flight;
use DuskSwitch\App\Models\Recording;
use DuskSwitch\Core\Log\LogColumn;
use DuskSwitch\Core\Log\LoggedFlight;
use DuskSwitch\Core\Log\LogQuantity;
use DuskSwitch\Core\Log\LogUnit;
use DuskSwitch\Core\Log\PackedColumn;
use RuntimeException;

/** Where recordings lie: a folder each, by the sum of the file as it came. */
final readonly class RecordingFiles
{
    /** Bytes of a number. */
    private const NUMBER = 8;

    /** In seconds. */
    private const DAY = 86_400;

    public function __construct(private string $folder) {}

    /** The folder of a recording. */
    public function folder(string $sha256): string
    {
        return "{$this->folder}/{$sha256}";
    }

    /** The file as it came. */
    public function original(Recording $recording): string
    {
        return $this->folder($recording->sha256).'/original';
    }

    /** A folder to read something into, aside of all others; those of processes that are gone are taken away. */
    public function aside(): string
    {
        foreach (glob("{$this->folder}/part-*", GLOB_ONLYDIR) ?: [] as $left) {
            self::isOfNobody($left) && $this->remove($left);
        }
        $folder = "{$this->folder}/part-".getmypid().'-'.bin2hex(random_bytes(6));
        if (! @mkdir($folder, 0o775, true)) {
            throw new RuntimeException("{$this->folder} can't be written to: the disk may be full");
        }

        return $folder;
    }

    /** True where the process that reads into a folder isn't there any more; without its number, after a day. */
    private static function isOfNobody(string $folder): bool
    {
        return preg_match('/part-(\d+)-/', basename($folder), $found) === 1
            ? ! is_dir("/proc/{$found[1]}") && is_dir('/proc/self')
            : (int) @filemtime($folder) < time() - self::DAY;
    }

    /** Moves what was read aside to where it belongs, in place of what lies there. */
    public function keep(string $aside, string $sha256): void
    {
        $this->remove($this->folder($sha256));
        if (! @rename($aside, $this->folder($sha256))) {
            throw self::full();
        }
    }

    /** Moves the columns that were read aside beside the file as it came. */
    public function putColumns(string $aside, string $sha256): void
    {
        foreach (glob("{$aside}/*.columns") ?: [] as $columns) {
            rename($columns, $this->folder($sha256).'/'.basename($columns)) || throw self::full();
        }
    }

    /** True where its file lies here, and its columns weren't read yet: it came from a backup. */
    public function isUnread(Recording $recording): bool
    {
        return is_file($this->original($recording)) &&
            $recording->report['flights'] !== [] &&
            ! is_file($this->folder($recording->sha256).'/0.columns');
    }

    /** Puts a file as it came where its recording is; one that lies there already stays. */
    public function bring(string $file, string $sha256): void
    {
        $folder = $this->folder($sha256);
        if (is_file("{$folder}/original")) {
            return;
        }
        if ((! is_dir($folder) && ! @mkdir($folder, 0o775, true)) || ! @rename($file, "{$folder}/original")) {
            throw self::full();
        }
    }

    /**
     * Takes away what no recording needs: nobody may be importing meanwhile.
     *
     * @param  list<string>  $needed  sums
     */
    public function sweep(array $needed): void
    {
        $needed = array_flip($needed);
        foreach (glob("{$this->folder}/*", GLOB_ONLYDIR) ?: [] as $folder) {
            isset($needed[basename($folder)]) || $this->remove($folder);
        }
    }

    public static function full(): RuntimeException
    {
        return new RuntimeException('The recording couldn\'t be kept: the disk may be full.');
    }

    /** Takes a folder away with all that is in it. */
    public function remove(string $folder): void
    {
        array_map(fn (string $file): bool => @unlink($file), glob("{$folder}/*") ?: []);
        @rmdir($folder);
    }

    /** A flight with its columns, which are read when they are asked for; null where it was typed in, or is gone. */
    public function flight(Flight $flight): ?LoggedFlight
    {
        $recording = $flight->recording;
        $is = $recording?->report['flights'][$flight->place] ?? null;
        $path = $recording === null ? '' : $this->folder($recording->sha256)."/{$flight->place}.columns";
        if ($recording === null || $is === null || ! is_file($path)) {
            return null;
        }
        $columns = self::columns($recording);
        $bytes = $is['rows'] * self::NUMBER;
        $read = fn (int $place): string => (string) @file_get_contents($path, false, null, $place * $bytes, $bytes);
        $places = array_flip(array_keys($columns));

        return new LoggedFlight(
            (float) $is['start'],
            PackedColumn::times($read(0)),
            $columns,
            fn (string $key): array => PackedColumn::values($read($places[$key] + 1)),
            isset($recording->report['epoch']) ? (float) $recording->report['epoch'] : null,
        );
    }

    /** @return array<string, LogColumn> by key */
    private static function columns(Recording $recording): array
    {
        $columns = [];
        foreach ($recording->report['kept'] as $one) {
            $columns[$one['key']] = new LogColumn(
                $one['key'],
                $one['heading'],
                LogQuantity::from($one['quantity']),
                $one['unit'] === null ? null : LogUnit::kept($one['unit']),
                $one['confidence'],
                $one['told'],
            );
        }

        return $columns;
    }
}
