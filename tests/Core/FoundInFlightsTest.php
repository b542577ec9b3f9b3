<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Analysis\AnalysisEncoder;
use DuskSwitch\Core\Analysis\Finding;
use DuskSwitch\Core\Analysis\Findings;
use DuskSwitch\Core\Analysis\FlightAnalysis;
use DuskSwitch\Core\Analysis\FlownWith;
use DuskSwitch\Core\Analysis\MapPlaces;
use DuskSwitch\Core\Analysis\RecordedView;
use DuskSwitch\Core\Log\LoggedFlight;
use DuskSwitch\Core\Log\LogReading;
use DuskSwitch\Core\Log\RehearsedLog;
use DuskSwitch\Core\Log\TextSource;
use DuskSwitch\Core\Rehearsal\Flight;
use DuskSwitch\Core\Rehearsal\RehearsalSettings;
use DuskSwitch\Core\Telemetry\Values;
use DuskSwitch\Core\Units\UnitSystem;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What is said of recorded flights, read through and kept: sentences, numbers, and what is drawn. */
final class FoundInFlightsTest extends TestCase
{
    #[TestWith(['dunlin', 'speed-run', UnitSystem::Metric])]
    #[TestWith(['dunlin', 'wind', UnitSystem::Imperial])]
    #[TestWith(['petrel', 'thermal', UnitSystem::Metric])]
    #[TestWith(['nightjar', 'out-and-back', UnitSystem::Nautical])]
    #[TestWith(['midge', 'hover-and-land', UnitSystem::Metric])]
    #[TestWith(['rook', 'first-hover', UnitSystem::Imperial])]
    public function test_of_a_flight(string $aircraft, string $script, UnitSystem $units): void
    {
        $circuit = Given::circuit(Given::demo($aircraft));
        $catalogue = Given::catalogue();
        $flight = (new Flight(
            $circuit,
            $catalogue,
            $catalogue->scenario($script) ?? self::fail($script),
            new RehearsalSettings(11, wind: 4.0),
        ))->fly();
        $log = RehearsedLog::of($flight, Values::of($circuit->program, $catalogue));
        $with = FlownWith::of($circuit->program, $catalogue, milliwatts: 100.0);
        $analysis = FlightAnalysis::of($log, $with);
        $findings = array_map(
            fn (Finding $one): array => array_filter(
                [
                    'known' => $one->known,
                    'title' => $one->title,
                    'says' => $one->says,
                    'detail' => $one->detail,
                    'at' => $one->at,
                ],
                fn (mixed $is): bool => $is !== '' && $is !== null,
            ),
            (new Findings($analysis, $with, $units))->all(),
        );
        $view = new RecordedView($analysis, $units);

        $this->keep("{$aircraft}, {$script}, {$units->value}: found", $findings);
        $this->keep("{$aircraft}, {$script}: in numbers", AnalysisEncoder::flight($analysis));
        $this->keep("{$aircraft}, {$script}, {$units->value}: drawn", [
            ...self::drawn($view),
            'circles' => MapPlaces::circles($analysis, $units),
            'nulls' => MapPlaces::nulls($analysis),
        ]);
    }

    /** What nothing tells: a log of a clock and a number that nobody knows. */
    public function test_of_a_flight_that_tells_nothing(): void
    {
        $log = LoggedFlight::of([0.0, 1.0, 2.0], ['temperature' => [20.0, 21.0, 20.5]]);
        foreach (
            ['nobody\'s' => new FlownWith(), 'a copter\'s' => new FlownWith(hovers: true, isNamed: true)] as $whose => $with
        ) {
            $analysis = FlightAnalysis::of($log, $with);
            $findings = (new Findings($analysis, $with, UnitSystem::Metric))->all();
            self::assertSame([], array_filter($findings, fn (Finding $one): bool => $one->known));
            $this->keep("nothing, {$whose}", array_column($findings, 'says', 'id'));
        }
    }

    /** A table with a riddle, a cut line, a doubled one and headings in the middle. */
    public function test_of_a_table(): void
    {
        $rows = ['Datum;Uhrzeit;Höhe (ft);SOG (kn);Rätsel'];
        for ($t = 0; $t < 90; $t++) {
            $rows[] = sprintf('03/04/2026;%s;%d;%s;x', gmdate('H:i:s', 36_000 + $t), $t > 10 && $t < 80 ? 160 : 0, $t > 10 && $t < 80 ? '19,5' : '0,0');
        }
        array_splice($rows, 40, 0, ['Datum;Uhrzeit;Höhe (ft);SOG (kn);Rätsel', '03/04/2026;10:0', $rows[39]]);
        [$report, $flights] = LogReading::flights(new TextSource(implode("\n", $rows), 'tabelle.csv'));
        $analyses = array_map(fn (LoggedFlight $one): FlightAnalysis => FlightAnalysis::of($one), $flights);
        $this->keep('a table', AnalysisEncoder::recording($report, $analyses));
    }

    /** @param  array<int|string, mixed>  $values */
    private function keep(string $heading, array $values): void
    {
        $text = KeptPages::lines($values);
        self::assertSame(KeptPages::page('findings', $heading, $text), $text);
    }

    /** @return array<string, mixed> what is drawn in short: of each column how many there are, the least, the most and the sum */
    private static function drawn(RecordedView $view): array
    {
        $json = $view->json();
        $short = function (array $column): string {
            $there = array_filter($column, fn (mixed $one): bool => $one !== null);

            return $there === []
                ? 'nothing'
                : count($there).
                        ' of '.
                        count($column).
                        ', '.
                        min($there).
                        ' to '.
                        max($there).
                        ', '.
                        round(array_sum($there), 1);
        };

        return [
            'seconds' => $json['seconds'],
            'times' => $short($json['times']),
            'truth' => array_map(fn (?array $one): string => $one === null ? 'null' : $short($one), $json['truth']),
            'values' => array_map(
                fn (array $one): array => [
                    'name' => $one['name'],
                    'unit' => $one['unit'],
                    'data' => $short($one['data']),
                    'missing' => $one['missing'],
                ],
                array_column($json['values'], null, 'id'),
            ),
            'traces' => array_map(
                fn (array $one): string => "{$one['unit']}: {$short($one['data'])}",
                array_column($json['traces'], null, 'name'),
            ),
            'extent' => $json['extent'],
            'events' => $json['events'],
            'wind' => $json['windSays'],
            'rings' => array_column($view->map()->rings, 'metres', 'says'),
            'bar' => $view->map()->bar,
        ];
    }
}
