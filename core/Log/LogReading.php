<?php

namespace DuskSwitch\Core\Log;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Log\Csv\CsvLog;

/** Reads a recording from anywhere into flights. */
final class LogReading
{
    /**
     * Which reader this is: a flight's facts are kept with it. One more wherever readers or analyses find something
     * else
     * in the same file.
     */
    public const VERSION = 1;

    /** Rows after which progress is told. */
    private const EVERY = 2000;

    /**
     * Reads a recording row by row; nothing but the sink's own keeps more than a minute of it.
     *
     * @param  (\Closure(int): void)|null  $progress  gets the number of the line that is read; may throw to end it
     *
     * @throws Refused where it is none, or nothing in it can be taken
     */
    public static function into(
        FlightSink $sink,
        LogSource $source,
        ColumnChoice $choice = new ColumnChoice(),
        ?\Closure $progress = null,
    ): LogReport {
        $reader = LogKind::reader($source, $choice);
        $bad = new BadLines();
        $splitter = new FlightSplitter($sink, $bad);
        $units = new UnitGuess($reader->columns());
        $globe = new OutsideTheGlobe($reader->columns());
        $rows = 0;
        foreach ($reader->rows($bad) as $line => [$time, $values]) {
            $why = $globe->why($values);
            if ($why !== null) {
                $bad->add($line, $why);

                continue;
            }
            $values = $globe->cleaned($values);
            $splitter->add($time, $values, $line);
            $units->see($time, $values);
            if (++$rows % self::EVERY === 0 && $progress !== null) {
                $progress($line);
            }
        }
        $zero = $splitter->finish();
        self::refuseNothing($zero, $rows, $bad, $splitter);

        $columns = $units->columns();

        return new LogReport(
            $reader->format(),
            $rows,
            $columns,
            $reader instanceof CsvLog ? $reader->headed($columns) : $columns,
            $bad,
            $splitter->doubled,
            $splitter->sorted,
            $reader instanceof CsvLog ? $reader->repeated() : 0,
            $reader->isDated() ? $zero : null,
            $reader instanceof CsvLog && $reader->isDayGuessed(),
        );
    }

    /**
     * The flights of a recording that fits into the memory.
     *
     * @return array{LogReport, list<LoggedFlight>}
     *
     * @throws Refused where it is none, or nothing in it can be taken
     */
    public static function flights(LogSource $source, ColumnChoice $choice = new ColumnChoice()): array
    {
        $sink = new MemorySink();
        $report = self::into($sink, $source, $choice);

        return [$report, $sink->flights($report->columns, $report->epoch)];
    }

    /**
     * The headings of a table as they were taken; nothing for other kinds, whose columns are always the same.
     *
     * @return list<LogColumn>
     *
     * @throws Refused where it is no recording
     */
    public static function headings(LogSource $source): array
    {
        $reader = LogKind::reader($source, new ColumnChoice());

        return $reader instanceof CsvLog ? $reader->headed($reader->columns()) : [];
    }

    private static function refuseNothing(?float $zero, int $rows, BadLines $bad, FlightSplitter $splitter): void
    {
        if ($zero !== null && ($splitter->moves || $rows < 2)) {
            return;
        }
        if ($rows > 0 && ! $splitter->moves) {
            throw Refused::because('', 'its time stands still: every row has the same; say which column is the time');
        }
        if ($bad->count() === 0) {
            throw Refused::because('', 'there are no rows below its headings');
        }
        $first = array_map(fn (array $one): string => "line {$one[0]}: {$one[1]}", array_slice($bad->listed(), 0, 3));
        throw Refused::because('', 'none of its lines can be taken; '.implode('; ', $first));
    }
}
