<?php

namespace DuskSwitch\App\Log;

use DuskSwitch\App\Logbook\LogbookJson;
use DuskSwitch\App\Models\Flight;
use DuskSwitch\App\Models\Pilot;
use DuskSwitch\App\Program\Bench;
use DuskSwitch\Core\Analysis\AnalysisEncoder;
use DuskSwitch\Core\Analysis\FieldLimits;
use DuskSwitch\Core\Analysis\FieldVerdict;
use DuskSwitch\Core\Analysis\Finding;
use DuskSwitch\Core\Analysis\Findings;
use DuskSwitch\Core\Analysis\FlightAnalysis;
use DuskSwitch\Core\Analysis\LaidOver;
use DuskSwitch\Core\Analysis\ListenableFlight;
use DuskSwitch\Core\Analysis\MapPlaces;
use DuskSwitch\Core\Analysis\MapScale;
use DuskSwitch\Core\Analysis\RecordedView;
use DuskSwitch\Core\Analysis\Runway;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\FlightEncoder;
use DuskSwitch\Core\Format\RehearsalEncoder;
use DuskSwitch\Core\Format\Thinning;
use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Log\LoggedFlight;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Telemetry\Sample;
use DuskSwitch\Core\Telemetry\Values;
use DuskSwitch\Core\Units\Dimension;
use DuskSwitch\Core\Units\UnitSystem;

/** A flight of the logbook as it is looked at: over time, what was found in it, and what a program would have said. */
final readonly class FlightPage
{
    public function __construct(
        private RecordingFiles $files,
        private Imports $imports,
        private Bench $bench,
        private Catalogue $catalogue,
        private KeptAnalyses $kept,
    ) {}

    /** @return array<string, mixed> */
    public function json(Flight $flight): array
    {
        $log = $this->files->flight($flight);
        $page = [
            'flight' => (new LogbookJson())->row($flight),
            'recording' => null,
            'findings' => [],
            'analysis' => null,
            'file' => null,
            'limits' => [],
            'search' => null,
            'legs' => [],
            'map' => ['rings' => [], 'bar' => ['metres' => 0.0, 'says' => ''], 'circles' => [], 'nulls' => []],
            'field' => null,
        ];

        return $log === null ? $page : [...$page, 'file' => $this->file($flight), ...$this->looked($flight, $log)];
    }

    /** @return array<string, mixed> what is made of it; worked out once for each pack, aircraft, field and unit */
    private function looked(Flight $flight, LoggedFlight $log): array
    {
        $with = $this->imports->with($flight);
        $units = Pilot::here()->units;
        $marks = $flight->marks;
        $field = FieldOf::flight($flight, $log);
        $key = hash(
            'xxh128',
            serialize([
                $flight->recording->sha256 ?? '',
                $flight->place,
                $flight->recording->report ?? [],
                $with,
                $units,
                $field?->toArray(),
                $marks,
            ]),
        );
        $day = ($flight->recording->report['dayIsGuessed'] ?? false) === true ? [Finding::dayIsGuessed()] : [];
        $kept = $this->kept->of($key, function () use ($log, $with, $units, $field, $marks, $day): array {
            $analysis = FlightAnalysis::of($log, $with);
            $view = new RecordedView($analysis, $units);
            $limits =
                $field === null
                    ? null
                    : FieldVerdict::of(
                        $field->name,
                        new FieldLimits($field->outline, $field->height),
                        $analysis->series,
                        $units,
                        Runway::of($field->runway),
                        $analysis->wind,
                    );

            return [
                'recording' => $view->json(),
                'map' => self::map($analysis, $view->map(), $units),
                'field' => $field === null || $limits === null
                        ? null
                        : [
                            'name' => $field->name,
                            'height' => $field->height,
                            'outline' => $limits->corners,
                            'runway' => $limits->runway,
                        ],
                'findings' => [...$day, ...$limits->findings ?? [], ...(new Findings($analysis, $with, $units))->all()],
                'analysis' => AnalysisEncoder::flight($analysis),
                'limits' => $limits === null ? [] : self::limits($field->name ?? '', $limits, $log->start),
                'search' => (new SearchJson($units))->of($analysis),
                'legs' => FlightLegs::of($analysis, $marks),
            ];
        });
        foreach (['spans', 'unknown'] as $key) {
            $kept['recording'][$key] = (object) $kept['recording'][$key];
        }
        $kept['analysis']['lags'] = (object) $kept['analysis']['lags'];

        return $kept;
    }

    /**
     * What the alarms of a program would have said on the flight.
     *
     * @return array<string, mixed> as of a rehearsal
     *
     * @throws Refused where nothing was recorded
     */
    public function heard(Flight $flight, Circuit $circuit): array
    {
        $log = $this->log($flight);
        $with = $this->imports->with($flight);
        [$recording, $heard] = ListenableFlight::heard($log, $circuit, $this->catalogue, $with);
        $values = Values::of($circuit->program, $this->catalogue);

        return Thinning::of(array_map(fn (Sample $one): float => $one->time, $recording->samples))->recording([
            ...FlightEncoder::recording($recording, $circuit->program, $circuit->panel->transmitter),
            'windSays' => $values->say(0.0, Dimension::Speed),
            ...RehearsalEncoder::heard($heard, $recording, $circuit->program, $values),
        ]);
    }

    /**
     * Another flight's lines over time, to be laid over this one's.
     *
     * @return array<string, mixed>
     *
     * @throws Refused where one of them wasn't recorded
     */
    public function over(Flight $flight, Flight $other): array
    {
        $read = fn (Flight $one): FlightAnalysis => FlightAnalysis::of($this->log($one), $this->imports->with($one));

        return (new LaidOver($read($flight), $read($other), Pilot::here()->units))->json();
    }

    /** @throws Refused where nothing was recorded */
    public function log(Flight $flight): LoggedFlight
    {
        return $this->files->flight($flight) ??
            throw Refused::because(
                '',
                'this flight was typed in, or its recording is gone: there is nothing to look at over time',
            );
    }

    /** @return array<string, mixed> the recording it is from, and what its columns were taken for */
    private function file(Flight $flight): array
    {
        $recording = $flight->recording;
        $report = $recording->report ?? [];

        return [
            'id' => $flight->recording_id,
            'name' => $recording->name ?? '',
            'format' => $recording->format ?? '',
            'rows' => $report['rows'],
            'bad' => $report['bad'],
            'badLines' => array_map(
                fn (array $one): array => ['line' => $one[0], 'why' => $one[1]],
                $report['badLines'],
            ),
            'doubled' => $report['doubled'],
            'sorted' => $report['sorted'],
            'repeated' => $report['repeated'],
            'columns' => array_map(
                fn (array $one): array => [
                    'heading' => $one['heading'],
                    'quantity' => $one['quantity'],
                    'unit' => ($one['unit']['word'] ?? '') === '' ? null : $one['unit']['word'],
                    'confidence' => $one['confidence'],
                    'told' => $one['told'],
                ],
                $report['headed'],
            ),
        ];
    }

    /** @return array<string, mixed> what is drawn beside the track */
    private static function map(FlightAnalysis $analysis, MapScale $scale, UnitSystem $units): array
    {
        return [
            'rings' => $scale->rings,
            'bar' => $scale->bar,
            'circles' => MapPlaces::circles($analysis, $units),
            'nulls' => MapPlaces::nulls($analysis),
        ];
    }

    /** @return list<array{field: string, says: string, from: float, to: float}> when it left a field's limits */
    private static function limits(string $field, FieldVerdict $verdict, float $start): array
    {
        $say = fn (string $says, array $span): array => [
            'field' => $field,
            'says' => $says,
            'from' => round($span['from'] - $start, 1),
            'to' => round($span['to'] - $start, 1),
        ];

        return [
            ...array_map(fn (array $span): array => $say('Outside your outline', $span), $verdict->outside),
            ...array_map(fn (array $span): array => $say('Above your height limit', $span), $verdict->above),
        ];
    }
}
