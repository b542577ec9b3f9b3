<?php

namespace DuskSwitch\App\Log;

use DuskSwitch\Core\Log\LogColumn;
use DuskSwitch\Core\Log\LogReport;

/** What is kept beside a recording of how it was read. */
final class KeptReport
{
    /** @return array<string, mixed> */
    public static function of(LogReport $report, FileSink $sink): array
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
        ];
    }
}
