<?php

namespace DuskSwitch\App\Log;

use DuskSwitch\Core\Log\FlightSink;
use DuskSwitch\Core\Log\RowBatch;

/** Writes the flights of a recording into files as they are read: times first, then column by column. */
final class FileSink implements FlightSink
{
    /** @var list<array{start: float, rows: int}> */
    private array $flights = [];

    /** @var array<int, resource> the times and the columns of the flight that is open, each on its own */
    private array $parts = [];

    public function __construct(private readonly string $folder, private readonly RowBatch $batch = new RowBatch()) {}

    public function begin(float $at): void
    {
        $this->flights[] = ['start' => $at, 'rows' => 0];
        $this->parts = [];
    }

    public function rows(array $rows): void
    {
        $this->batch->add($rows) && $this->pack();
    }

    public function end(): void
    {
        $this->pack();
        $file = $this->open($this->folder.'/'.(count($this->flights) - 1).'.columns', 'wb');
        foreach ($this->parts as $part) {
            rewind($part);
            if (stream_copy_to_stream($part, $file) === false) {
                throw RecordingFiles::full();
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
        [$packed, $rows] = $this->batch->take();
        if ($packed === []) {
            return;
        }
        foreach ($packed as $index => $bytes) {
            $this->parts[$index] ??= $this->open("{$this->folder}/{$index}.part", 'w+b');
            if (@fwrite($this->parts[$index], $bytes) !== strlen($bytes)) {
                throw RecordingFiles::full();
            }
        }
        $this->flights[count($this->flights) - 1]['rows'] += $rows;
    }

    /** @return resource */
    private function open(string $path, string $how)
    {
        $file = @fopen($path, $how);

        return $file === false ? throw RecordingFiles::full() : $file;
    }
}
