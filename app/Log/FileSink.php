<?php

namespace DuskSwitch\App\Log;

use DuskSwitch\Core\Log\FlightSink;
use DuskSwitch\Core\Log\PackedColumn;
use RuntimeException;

/** Writes the flights of a recording into files as they are read: times first, then column by column. */
final class FileSink implements FlightSink
{
    /** Rows that are packed at once. */
    private const BATCH = 1024;

    /** @var list<array{start: float, rows: int}> */
    private array $flights = [];

    /** @var list<array{float, list<float|null>}> */
    private array $rows = [];

    /** @var array<int, resource> the times and the columns of the flight that is open, each on its own */
    private array $parts = [];

    public function __construct(private readonly string $folder) {}

    public function begin(float $at): void
    {
        $this->flights[] = ['start' => $at, 'rows' => 0];
        $this->parts = [];
    }

    public function rows(array $rows): void
    {
        array_push($this->rows, ...$rows);
        if (count($this->rows) >= self::BATCH) {
            $this->pack();
        }
    }

    public function end(): void
    {
        $this->pack();
        $file = $this->open($this->folder.'/'.(count($this->flights) - 1).'.columns', 'wb');
        foreach ($this->parts as $part) {
            rewind($part);
            if (stream_copy_to_stream($part, $file) === false) {
                throw self::full();
            }
            fclose($part);
        }
        fclose($file);
        $this->parts = [];
    }

    /** @return list<array{start: float, rows: int}> */
    public function flights(): array
    {
        return $this->flights;
    }

    private function pack(): void
    {
        if ($this->rows === []) {
            return;
        }
        $packed = [PackedColumn::pack(array_column($this->rows, 0)), ...PackedColumn::columns($this->rows)];
        foreach ($packed as $index => $bytes) {
            $this->parts[$index] ??= $this->open("{$this->folder}/{$index}.part", 'w+b');
            if (@fwrite($this->parts[$index], $bytes) !== strlen($bytes)) {
                throw self::full();
            }
        }
        $this->flights[count($this->flights) - 1]['rows'] += count($this->rows);
        $this->rows = [];
    }

    /** @return resource */
    private function open(string $path, string $how)
    {
        $file = @fopen($path, $how);

        return $file === false ? throw self::full() : $file;
    }

    private static function full(): RuntimeException
    {
        return new RuntimeException('The recording couldn\'t be kept: the disk may be full.');
    }
}
