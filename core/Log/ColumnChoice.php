<?php

namespace DuskSwitch\Core\Log;

/** What a pilot said that columns hold, by their headings: it counts before every guess. */
final readonly class ColumnChoice
{
    /** @param  array<string, array{LogQuantity, LogUnit|null}>  $choices  by heading */
    public function __construct(public array $choices = []) {}

    /** The column as the pilot wants it. */
    public function apply(LogColumn $column): LogColumn
    {
        if (! isset($this->choices[$column->heading])) {
            return $column;
        }
        [$quantity, $unit] = $this->choices[$column->heading];

        return $column->of(
            $quantity,
            1.0,
            $unit ?? ($column->unit?->dimension === $quantity->dimension() ? $column->unit : null),
        );
    }
}
