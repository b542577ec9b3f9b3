<?php

namespace DuskSwitch\Core\Kit;

/** How a transmitter takes the values of a program: in which units, ranges and steps, and what it has no place for. */
final readonly class EntryFormat
{
    /**
     * @param  EntryGrid  $travel  of an output's ends
     * @param  EntryGrid  $subtrim  of an output's centre
     * @param  EntryGrid  $rate  of a function's rates
     * @param  EntryGrid  $expo  of a function's expo
     * @param  EntryGrid  $weight  of a feed into an output
     * @param  EntryGrid  $value  of a fixed value: a switch position, a point of a curve
     * @param  PositionMix|null  $positionMix  how a switch position gets its value; null where it's keyed in directly
     * @param  int  $phases  how many phases it holds, the first included
     * @param  int  $curvePoints  how many points a curve may have; 0 where it has no curves
     * @param  bool  $smooth  true where it draws smooth curves
     * @param  int|null  $mixes  how many free mixes it has; null where that is no limit
     * @param  TelemetryEntry|null  $telemetry  what it can do with telemetry; null where that isn't said
     */
    public function __construct(
        public EntryGrid $travel,
        public EntryGrid $subtrim,
        public EntryGrid $rate,
        public EntryGrid $expo,
        public EntryGrid $weight,
        public EntryGrid $value,
        public ?PositionMix $positionMix,
        public int $phases,
        public int $curvePoints,
        public bool $smooth,
        public ?int $mixes = null,
        public ?TelemetryEntry $telemetry = null,
    ) {}

    /** A transmitter that takes everything finely: per cent in tenths, what no definition says otherwise. */
    public static function free(): self
    {
        $grid = fn (float $least, float $most): EntryGrid => new EntryGrid('%', $least, $most, 0.1, 100.0);

        return new self(
            $grid(0, 150),
            $grid(-100, 100),
            $grid(0, 150),
            $grid(-100, 100),
            $grid(-500, 500),
            $grid(-150, 150),
            null,
            16,
            17,
            true,
        );
    }
}
