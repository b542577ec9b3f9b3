<?php

namespace DuskSwitch\App\Log;

use DuskSwitch\Core\Log\ColumnChoice;
use DuskSwitch\Core\Log\LogColumn;
use DuskSwitch\Core\Log\LogQuantity;
use DuskSwitch\Core\Log\LogReport;
use DuskSwitch\Core\Log\LogUnit;

/** What is kept beside a recording of how it was read. */
final class KeptReport
{
    /** @return array<string, mixed> */
    public static function of(LogReport $report, FileSink $sink, ColumnChoice $choice): array
    {
        $column = fn (LogColumn $one): array => [
            'key' => $one->key,
            'heading' => $one->heading,
            'quantity' => $one->quantity->value,
            'unit' => $one->unit?->toKeep(),
            'confidence' => $one->confidence,
            'told' => $one->unitIsTold,
        ];

        return [
            'rows' => $report->rows,
            'epoch' => $report->epoch,
            'dayIsGuessed' => $report->isDayGuessed,
            'bad' => $report->bad->count(),
            'badLines' => $report->bad->listed(),
            'doubled' => $report->doubled,
            'sorted' => $report->sorted,
            'repeated' => $report->repeated,
            'kept' => array_map($column, $report->columns),
            'headed' => array_map($column, $report->headed),
            'flights' => $sink->flights(),
            'choice' => self::choice($choice),
        ];
    }

    /** @return array<string, array{string, array<mixed>|null}> what a pilot said that columns hold, by heading */
    public static function choice(ColumnChoice $choice): array
    {
        return array_map(fn (array $one): array => [$one[0]->value, $one[1]?->toKeep()], $choice->choices);
    }

    /** @param  array<string, array{string, array<mixed>|null}>  $kept  as {@see self::choice()} */
    public static function chosen(array $kept): ColumnChoice
    {
        $choices = [];
        foreach ($kept as $heading => [$quantity, $unit]) {
            $choices[(string) $heading] = [LogQuantity::from($quantity), $unit === null ? null : LogUnit::kept($unit)];
        }

        return new ColumnChoice($choices);
    }
}
