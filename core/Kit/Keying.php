<?php

namespace DuskSwitch\Core\Kit;

/** How a transmitter takes the values of a program: in which units, ranges and steps, and what it has no place for. */
final readonly class Keying
{
    /**
     * @param  Grid  $travel  of an output's ends
     * @param  Grid  $subtrim  of an output's centre
     * @param  Grid  $rate  of a function's rates
     * @param  Grid  $expo  of a function's expo
     * @param  Grid  $weight  of a feed into an output
     * @param  Grid  $value  of a fixed value: a switch position, a point of a curve
     * @param  PositionMix|null  $positionMix  how a switch position gets its value; null where it's keyed in directly
     * @param  int  $phases  how many phases it holds, the first included
     * @param  int  $curvePoints  how many points a curve may have; 0 where it has no curves
     * @param  bool  $smooth  true where it draws smooth curves
     */
    public function __construct(
        public Grid $travel,
        public Grid $subtrim,
        public Grid $rate,
        public Grid $expo,
        public Grid $weight,
        public Grid $value,
        public ?PositionMix $positionMix,
        public int $phases,
        public int $curvePoints,
        public bool $smooth,
    ) {}

    /** A transmitter that takes everything finely: per cent in tenths, what no definition says otherwise. */
    public static function free(): self
    {
        $grid = fn (float $least, float $most): Grid => new Grid('%', $least, $most, 0.1, 100.0);

        return new self($grid(0, 150), $grid(-100, 100), $grid(0, 150), $grid(-100, 100), $grid(-500, 500), $grid(-150, 150), null, 16, 17, true);
    }
}
