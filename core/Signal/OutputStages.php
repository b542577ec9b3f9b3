<?php

namespace DuskSwitch\Core\Signal;

use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Units\Signal;

/** The way from the sum of an output's feeds to its signal, stage by stage; signals, 1.0 = 100 %. */
final readonly class OutputStages
{
    private function __construct(
        public float $sum,
        public float $afterTravel,
        public float $afterReverse,
        public float $afterSubtrim,
        public float $signal,
    ) {}

    /** What an output makes of a sum of feeds. */
    public static function of(Output $output, float $sum): self
    {
        $clamped = max(-Signal::LIMIT, min(Signal::LIMIT, $sum));
        $travelled = $clamped * ($clamped >= 0 ? $output->travel->high : $output->travel->low);
        $turned = $output->reverse ? -$travelled : $travelled;
        $centred = $turned + $output->subtrim;

        return new self(
            $clamped,
            $travelled,
            $turned,
            $centred,
            max($output->limit->low, min($output->limit->high, $centred)),
        );
    }

    /** The sum of feeds that an output's signal stands for: the way back, as a surface on its servo shows it. */
    public static function back(Output $output, float $signal): float
    {
        $travelled = ($output->reverse ? -1.0 : 1.0) * ($signal - $output->subtrim);
        $travel = $travelled >= 0 ? $output->travel->high : $output->travel->low;

        return $travel > 0.0 ? $travelled / $travel : 0.0;
    }
}
