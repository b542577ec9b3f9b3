<?php

namespace DuskSwitch\Core\Signal;

use DuskSwitch\Core\Signal\Part\OutputPart;

/** Why an output is where it is, stage by stage; signals, 1.0 = 100 %. */
final readonly class Explanation
{
    /**
     * @param  list<Contribution>  $contributions
     * @param  float  $sum  of the feeds, clamped to ±1.5
     */
    private function __construct(
        public int $channel,
        public array $contributions,
        public float $sum,
        public float $afterTravel,
        public float $afterReverse,
        public float $afterSubtrim,
        public float $signal,
        public int $pulse,
        public bool $clipped,
    ) {}

    /**
     * The explanation of an output in a frame.
     *
     * @param  list<list<float|int>>  $feeds  of each feed: 1 where it is active, amount, sum after it
     */
    public static function of(OutputPart $part, array $feeds, Frame $frame): self
    {
        $contributions = [];
        $sum = 0.0;
        foreach ($part->feeds as $index => $feed) {
            [$active, $amount, $sum] = $feeds[$index];
            $contributions[] = new Contribution(
                $feed->kind,
                $feed->id,
                $feed->name,
                (float) $frame->slots[$feed->input],
                (float) $amount,
                $feed->combine,
                $active === 1,
                (float) $sum,
            );
        }
        $stages = OutputStages::of($part->output, $sum);
        $value = $frame->outputs()[$part->output->channel];

        return new self(
            $part->output->channel,
            $contributions,
            $stages->sum,
            $stages->afterTravel,
            $stages->afterReverse,
            $stages->afterSubtrim,
            $value->signal,
            $value->pulse,
            $value->clipped,
        );
    }
}
