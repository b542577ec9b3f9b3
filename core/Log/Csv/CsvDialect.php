<?php

namespace DuskSwitch\Core\Log\Csv;

use DuskSwitch\Core\Format\ByteOrderMark;

/** How the cells of a table are written: what parts them, which sign begins decimals, which letters it has. */
final readonly class CsvDialect
{
    /** What may stand between two cells. */
    public const DELIMITERS = [',', ';', "\t", '|'];

    /**
     * @param  value-of<self::DELIMITERS>  $delimiter
     * @param  bool  $comma  decimals begin with a comma
     * @param  bool  $isUtf8  else it is Windows-1252
     */
    public function __construct(public string $delimiter, public bool $comma, public bool $isUtf8) {}

    /** @return list<string> */
    public function cells(string $line): array
    {
        if (! str_contains($line, '"')) {
            return explode($this->delimiter, $line);
        }

        return array_map(strval(...), str_getcsv($line, $this->delimiter, '"', ''));
    }

    /** A text of the file as UTF-8, without the mark that some put before it. */
    public function text(string $text): string
    {
        $text = ByteOrderMark::cut($text);

        return $this->isUtf8 ? $text : mb_convert_encoding($text, 'UTF-8', 'Windows-1252');
    }

    /**
     * The same with decimals as the rows have them.
     *
     * @param  list<list<string>>  $rows
     */
    public function seen(array $rows): self
    {
        $commas = $points = 0;
        foreach (array_slice($rows, 0, 200) as $cells) {
            foreach ($cells as $cell) {
                $commas += preg_match('/^\s*[-+]?\d+,\d+\s*[^\d,.]*$/', $cell);
                $points += preg_match('/^\s*[-+]?\d+\.\d+\s*[^\d,.]*$/', $cell);
            }
        }

        return new self($this->delimiter, $commas > $points, $this->isUtf8);
    }
}
