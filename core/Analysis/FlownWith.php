<?php

namespace DuskSwitch\Core\Analysis;

use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Rehearsal\FlightModel;
use DuskSwitch\Core\Telemetry\CurrentScale;
use DuskSwitch\Core\Telemetry\SensorScales;

/** What is known of a flight beside its recording: pack, aircraft, the power that was sent. Null is not known. */
final readonly class FlownWith
{
    /**
     * @param  int|null  $cells  in series
     * @param  float|null  $capacity  mAh
     * @param  bool|null  $hovers  it flies as slowly as it likes
     * @param  float|null  $sink  m/s of its glide; null for what doesn't glide
     * @param  float|null  $stall  m/s
     * @param  float|null  $milliwatts  that were sent
     * @param  bool  $isNamed  an aircraft is known at all
     * @param  array<string, float>  $scales  by which what its sensors sent was multiplied before it was written down,
     *     by value
     * @param  float  $currentScale  that of its current sensor
     * @param  string|null  $currentSensor  which that was, by its id in Equipment
     * @param  bool  $drives  it stays on the ground
     */
    public function __construct(
        public ?int $cells = null,
        public ?float $capacity = null,
        public ?bool $hovers = null,
        public ?float $sink = null,
        public ?float $stall = null,
        public ?float $milliwatts = null,
        public bool $isNamed = false,
        public array $scales = [],
        public float $currentScale = 1.0,
        public ?string $currentSensor = null,
        public bool $drives = false,
    ) {}

    /** The same where nothing was multiplied before it was written down. */
    public function unscaled(): self
    {
        return new self(
            $this->cells,
            $this->capacity,
            $this->hovers,
            $this->sink,
            $this->stall,
            $this->milliwatts,
            $this->isNamed,
            currentSensor: $this->currentSensor,
            drives: $this->drives,
        );
    }

    /** The same with another's pack, where nothing is known of its own. */
    public function aboard(self $other): self
    {
        return new self(
            $this->cells ?? $other->cells,
            $this->capacity ?? $other->capacity,
            $this->hovers,
            $this->sink,
            $this->stall,
            $this->milliwatts,
            $this->isNamed,
            $this->scales,
            $this->currentScale,
            $this->currentSensor,
            $this->drives,
        );
    }

    /**
     * What a program and its kit tell.
     *
     * @param  int|null  $cells  of the pack that was flown, where that is another than the kit's
     */
    public static function of(
        Program $program,
        Catalogue $catalogue,
        ?int $cells = null,
        ?float $capacity = null,
        ?float $milliwatts = null,
    ): self {
        $model = FlightModel::of($program->family);
        $current = CurrentScale::of($program, $catalogue);
        $pack = $catalogue->pack($program->aboard->kit->pack ?? '');

        return new self(
            $cells ?? $pack?->cells,
            $capacity ?? $pack?->capacity,
            $model->hovers,
            $model->hovers ? null : $model->sink,
            $model->stall > 0.0 ? $model->stall : null,
            $milliwatts,
            true,
            SensorScales::of($program),
            $current?->now() ?? 1.0,
            $current?->id(),
            $model->drives,
        );
    }
}
