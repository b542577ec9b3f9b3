<?php

namespace DuskSwitch\Core\Analysis;

use DuskSwitch\Core\Format\FlightEncoder;
use DuskSwitch\Core\Format\Thinning;
use DuskSwitch\Core\Log\LogQuantity;
use DuskSwitch\Core\Units\Dimension;
use DuskSwitch\Core\Units\Unit;
use DuskSwitch\Core\Units\UnitSystem;

/** A recorded flight as it's drawn over time, before any program listens to it: what was sent, in the pilot's units. */
final readonly class RecordedView
{
    /** What is drawn, from above. */
    private const TRACES = [
        'Height' => Dimension::Length,
        'Speed' => Dimension::Speed,
        'Air' => Dimension::Speed,
        'Climb' => Dimension::Speed,
        'Cell' => Dimension::Voltage,
        'Current' => Dimension::Current,
        'Link' => Dimension::Percent,
    ];

    private FlightSeries $series;

    public function __construct(private FlightAnalysis $analysis, private UnitSystem $system)
    {
        $this->series = $analysis->series;
    }

    /** @return array<string, mixed> a recording with nothing heard of it yet, thinned */
    public function json(): array
    {
        $times = $this->times();
        $thin = Thinning::of($times);
        $wind = $this->analysis->wind;

        return [
            'seconds' => round($this->series->log->seconds(), 1),
            'capacity' => null,
            'times' => $thin->times($times),
            'truth' => $this->track($thin),
            'lost' => [],
            'sticks' => null,
            'outputs' => [],
            'hands' => [],
            'steps' => [],
            'events' => array_map(FlightEncoder::event(...), $this->analysis->events()),
            'windSays' => $wind === null ? '' : (new MeasuredWords($this->system))->speed($wind->speed),
            'values' => $this->values($times, $thin),
            'traces' => $this->traces($thin),
            'extent' => $this->extent(),
            'spans' => (object) [],
            'unknown' => (object) [],
            'tone' => [],
            'last' => null,
            'glances' => [],
            'said' => [],
            'airtime' => ['share' => 0.0, 'minutes' => [], 'dropped' => 0, 'late' => 0, 'talkedOver' => 0],
            'verdict' => [],
            'schools' => [],
        ];
    }

    /** @return array{times: list<float>, traces: list<array<string, mixed>>} only its lines over time, thinned */
    public function lines(): array
    {
        $times = $this->times();
        $thin = Thinning::of($times);

        return ['times' => $thin->times($times), 'traces' => $this->traces($thin)];
    }

    /** @return list<float> seconds since its first row */
    private function times(): array
    {
        $start = $this->series->log->start;

        return array_map(fn (float $one): float => round($one - $start, 2), $this->series->times());
    }

    /** @return array<string, list<float|null>|null> */
    private function track(Thinning $thin): array
    {
        return [
            'east' => self::rounded($thin->places($this->series->east()), 1),
            'north' => self::rounded($thin->places($this->series->north()), 1),
            'height' => self::rounded($thin->column($this->series->height()), 1),
            'speed' => self::rounded($thin->column($this->series->speed()), 1),
            'airspeed' => self::rounded($thin->column($this->series->sent(LogQuantity::Airspeed)), 1),
            'climb' => self::rounded($thin->column($this->series->climb()), 2),
            'heading' => self::rounded($thin->column($this->series->course()), 0),
            'cell' => self::rounded($thin->column($this->series->cell()), 3),
            'amperes' => self::rounded($thin->column($this->series->sent(LogQuantity::Amperes)), 1),
            'used' => self::rounded($thin->column($this->series->used()), 1),
        ];
    }

    /**
     * @param  list<float|int|null>  $column
     * @return list<float|null>|null
     */
    private static function rounded(array $column, int $places): ?array
    {
        $rounded = array_map(fn (float|int|null $one): ?float => $one === null ? null : round($one, $places), $column);

        return Spread::there($rounded) === [] ? null : $rounded;
    }

    /**
     * @param  list<float>  $times
     * @return list<array<string, mixed>> all that is a number to look at
     */
    private function values(array $times, Thinning $thin): array
    {
        $values = [];
        foreach ($this->series->log->columns as $key => $column) {
            $dimension = $column->quantity->dimension();
            if (in_array($column->quantity, [LogQuantity::Latitude, LogQuantity::Longitude], true)) {
                continue;
            }
            $unit = $dimension === null ? null : $this->unit($dimension, $column->quantity === LogQuantity::Climb);
            $sent = $this->series->sent($key);
            $data = array_map(
                fn (float|int|null $one): ?float => match (true) {
                    $one === null => null,
                    $unit === null => round($one, 3),
                    default => round($unit->fromBase($one), $unit->places()),
                },
                $thin->column($sent),
            );
            if (Spread::there($data) !== []) {
                $values[] = [
                    'id' => $key,
                    'name' => $column->name(),
                    'unit' => $unit?->shown() ?? '',
                    'data' => $data,
                    'missing' => self::missing($times, $sent),
                ];
            }
        }

        return $values;
    }

    /**
     * @param  list<float>  $times
     * @param  list<float|null>  $data
     * @return list<array{float, float}> from when to when nothing was sent for longer than a moment
     */
    private static function missing(array $times, array $data): array
    {
        $spans = array_map(
            fn (array $one): array => [round($one['from'], 1), round($one['to'], 1)],
            Spans::of($times, array_map(fn (?float $one): bool => $one === null, $data)),
        );

        return array_values(array_filter($spans, fn (array $one): bool => $one[1] - $one[0] >= 1.0));
    }

    /** @return list<array<string, mixed>> */
    private function traces(Thinning $thin): array
    {
        $columns = [
            'Height' => $this->series->height(),
            'Speed' => $this->series->speed(),
            'Air' => $this->series->sent(LogQuantity::Airspeed),
            'Climb' => $this->series->climb(),
            'Cell' => $this->series->cell(),
            'Current' => $this->series->sent(LogQuantity::Amperes),
            'Link' => $this->series->sent(LogQuantity::Quality),
        ];
        $traces = [];
        foreach ($columns as $name => $whole) {
            $column = $thin->column($whole);
            if (array_filter($column, fn (float|int|null $one): bool => $one !== null) !== []) {
                $unit = $this->unit(self::TRACES[$name], $name === 'Climb');
                $traces[] = [
                    'name' => $name,
                    'of' => $name,
                    'unit' => $unit->shown(),
                    'data' => array_map(
                        fn (float|int|null $one): ?float => $one === null
                            ? null
                            : round($unit->fromBase($one), max(1, $unit->places())),
                        $column,
                    ),
                    'true' => null,
                ];
            }
        }

        return $traces;
    }

    /** Metres from home that are drawn. */
    private function around(): float
    {
        return max([
            20.0,
            ...array_map(abs(...), [...Spread::there($this->series->east()), ...Spread::there($this->series->north())]),
        ]);
    }

    /** @return array<string, mixed> */
    private function extent(): array
    {
        $around = $this->around();
        $top = max([10.0, ...Spread::there($this->series->height())]);
        $words = new MeasuredWords($this->system);

        return [
            'around' => round($around, 1),
            'top' => round($top, 1),
            'says' => [
                'around' => $words->metres($around),
                'top' => $words->metres($top),
            ],
        ];
    }

    /** What it is measured by from above. */
    public function map(): MapScale
    {
        return MapScale::of($this->around(), $this->system);
    }

    private function unit(Dimension $dimension, bool $upright): Unit
    {
        return $this->system->unit($dimension, $upright);
    }
}
