<?php

namespace DuskSwitch\Core\Log;

/** A column of a recording: how it's headed, and what it was taken for. */
final readonly class LogColumn
{
    /**
     * @param  string  $key  what its values are kept under: the quantity, with a number from the second one on
     * @param  string  $heading  as it stands in the file
     * @param  LogUnit|null  $unit  in which it is written; null where it has none
     * @param  float  $confidence  0 to 1: how sure it is what it holds
     * @param  bool  $unitIsTold  the heading, the unit line or a cell says the unit; else it was guessed
     */
    public function __construct(
        public string $key,
        public string $heading,
        public LogQuantity $quantity,
        public ?LogUnit $unit = null,
        public float $confidence = 1.0,
        public bool $unitIsTold = true,
    ) {}

    /** What it is called, with its number from the second of a quantity on: "Altitude 2". */
    public function name(): string
    {
        if ($this->quantity === LogQuantity::Other) {
            return $this->heading;
        }
        $isNumbered = $this->key !== $this->quantity->value && preg_match('/-(\d+)$/', $this->key, $found) === 1;

        return $this->quantity->heading().($isNumbered ? " {$found[1]}" : '');
    }

    /** The same column in another unit. */
    public function in(?LogUnit $unit, bool $isTold = false): self
    {
        return new self($this->key, $this->heading, $this->quantity, $unit, $this->confidence, $isTold);
    }

    /** The same column for another quantity. */
    public function of(LogQuantity $quantity, float $confidence, ?LogUnit $unit = null): self
    {
        return new self($this->key, $this->heading, $quantity, $unit, $confidence, $unit !== null);
    }

    /** The same column under another key. */
    public function under(string $key): self
    {
        return new self($key, $this->heading, $this->quantity, $this->unit, $this->confidence, $this->unitIsTold);
    }

    /**
     * Columns with keys that are theirs alone: the first of a quantity has its name, the second a number.
     *
     * @param  list<self>  $columns
     * @return list<self>
     */
    public static function named(array $columns): array
    {
        $seen = [];
        foreach ($columns as $index => $column) {
            $key = $column->quantity->value;
            $seen[$key] = ($seen[$key] ?? 0) + 1;
            $columns[$index] = $column->under($seen[$key] === 1 ? $key : "{$key}-{$seen[$key]}");
        }

        return $columns;
    }
}
