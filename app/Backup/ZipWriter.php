<?php

namespace DuskSwitch\App\Backup;

use DuskSwitch\App\Jobs\Progress;
use DuskSwitch\App\Jobs\Stopped;
use RuntimeException;
use ZipArchive;

/**
 * Writes a ZIP of any size with little memory: texts lie in a folder beside it until it is closed. The same files give
 * the same bytes. It's there when it is whole, not before.
 */
final class ZipWriter
{
    /** The time that every file in the ZIP bears: the first that a ZIP can say. */
    private const NO_TIME = 315_532_800;

    /** What packs tighter than this goes in unpacked, so that no backup of ours looks like one made to burst. */
    private const TIGHT = 40;

    private const SAMPLE = 65_536;

    /** How hard a recording is packed, of 9: more takes twice as long for a tenth. */
    private const LEVEL = 4;

    private readonly ZipArchive $zip;

    private readonly string $spool;

    private int $texts = 0;

    /** @param  string  $file  where it is to be */
    public function __construct(private readonly string $file)
    {
        $this->zip = new ZipArchive();
        $this->spool = "{$file}.texts";
        $this->clear();
        if (
            ! is_dir(dirname($file)) ||
            ! @mkdir($this->spool) ||
            $this->zip->open("{$file}.part", ZipArchive::CREATE | ZipArchive::OVERWRITE) !== true
        ) {
            throw new RuntimeException(
                basename($file).' can\'t be written; is its folder there, and may it be written to?',
            );
        }
    }

    /**
     * Adds a text in pieces.
     *
     * @param  iterable<string>  $pieces
     * @return array{sha256: string, bytes: int}
     */
    public function text(string $name, iterable $pieces): array
    {
        $path = "{$this->spool}/".++$this->texts;
        $out = @fopen($path, 'wb');
        $hash = hash_init('sha256');
        $bytes = 0;
        foreach ($pieces as $piece) {
            if ($out === false || @fwrite($out, $piece) !== strlen($piece)) {
                throw self::full($this->file);
            }
            hash_update($hash, $piece);
            $bytes += strlen($piece);
        }
        if ($out === false || ! fclose($out)) {
            throw self::full($this->file);
        }
        $this->add($path, $name);

        return ['sha256' => hash_final($hash), 'bytes' => $bytes];
    }

    /** Adds a file of the disk. */
    public function file(string $name, string $path): void
    {
        $this->add($path, $name);
        $head = (string) @file_get_contents($path, false, null, 0, self::SAMPLE);
        $isTight = strlen($head) > self::TIGHT * strlen((string) gzdeflate($head, self::LEVEL));
        $this->zip->setCompressionName($name, $isTight ? ZipArchive::CM_STORE : ZipArchive::CM_DEFLATE, self::LEVEL);
    }

    private function add(string $path, string $name): void
    {
        $this->zip->addFile($path, $name);
        $this->zip->setMtimeName($name, self::NO_TIME);
    }

    /**
     * Packs everything and puts the ZIP where it's to be.
     *
     * @throws Stopped
     */
    public function close(Progress $progress): void
    {
        $stopped = null;
        $done = 0.0;
        $this->zip->registerProgressCallback(0.001, function (float $share) use (&$done): void {
            $done = $share;
        });
        $this->zip->registerCancelCallback(function () use ($progress, &$stopped, &$done): int {
            try {
                $progress->at((int) round($done * 1000), 1000);
            } catch (Stopped $stop) {
                $stopped = $stop;
            }

            return $stopped === null ? 0 : -1;
        });
        $isWhole =
            @$this->zip->close() === true &&
            self::synced("{$this->file}.part") &&
            @rename("{$this->file}.part", $this->file);
        $this->clear();
        if ($stopped !== null) {
            throw $stopped;
        }
        $isWhole || throw self::full($this->file);
    }

    /** Leaves nothing behind. */
    public function abandon(): void
    {
        $this->zip->unchangeAll();
        @$this->zip->close();
        $this->clear();
    }

    private function clear(): void
    {
        foreach (is_dir($this->spool) ? new \FilesystemIterator($this->spool) : [] as $text) {
            @unlink((string) $text);
        }
        @rmdir($this->spool);
        @unlink("{$this->file}.part");
    }

    private static function synced(string $path): bool
    {
        $file = @fopen($path, 'r+');

        return $file !== false && fsync($file) && fclose($file);
    }

    private static function full(string $file): RuntimeException
    {
        return new RuntimeException(basename($file).' can\'t be written: the disk may be full');
    }
}
