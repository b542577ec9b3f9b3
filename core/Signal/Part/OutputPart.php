<?php

namespace DuskSwitch\Core\Signal\Part;

use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Signal\Contribution;
use DuskSwitch\Core\Signal\Explanation;
use DuskSwitch\Core\Units\PulseScale;
use DuskSwitch\Core\Units\Signal;

/** An output. Its slots: signal, then pulse in µs, then 1 where something clipped. */
final readonly class OutputPart implements Part
{
    private float $low;

    private float $high;

    private float $floor;

    private float $ceiling;

    private float $subtrim;

    private float $centre;

    private float $span;

    private float $sign;

    /** @param  list<FeedPart>  $feeds */
    public function __construct(public int $slot, public Output $output, private array $feeds, private PulseScale $scale)
    {
        $this->sign = $output->reverse ? -1.0 : 1.0;
        $this->low = $output->travel->low * $this->sign;
        $this->high = $output->travel->high * $this->sign;
        $this->subtrim = $output->subtrim;
        $this->floor = $output->limit->low;
        $this->ceiling = $output->limit->high;
        $this->centre = $scale->centre;
        $this->span = $scale->span;
    }

    public function run(array &$v): void
    {
        $sum = 0.0;
        foreach ($this->feeds as $feed) {
            if ($feed->plain) {
                $m = $v[$feed->input];
                $sum += $feed->offset + $m * ($m >= 0 ? $feed->high : $feed->low);
            } elseif ($feed->when === null || $feed->when->holds($v)) {
                $sum = $feed->join($sum, $feed->amount($v));
            }
        }
        $clipped = 0;
        if ($sum > Signal::LIMIT || $sum < -Signal::LIMIT) {
            $sum = $sum > 0 ? Signal::LIMIT : -Signal::LIMIT;
            $clipped = 1;
        }
        $s = $sum * ($sum >= 0 ? $this->high : $this->low) + $this->subtrim;
        if ($s > $this->ceiling || $s < $this->floor) {
            $s = $s > $this->ceiling ? $this->ceiling : $this->floor;
            $clipped = 1;
        }
        $v[$this->slot] = $s;
        $v[$this->slot + 1] = (int) floor($this->centre + $this->span * $s + 0.5);
        $v[$this->slot + 2] = $clipped;
    }

    /**
     * Why the output is where it is: every feed, then every stage.
     *
     * @param  array<int, float|int>  $v  the slots of a finished frame
     */
    public function explain(array $v): Explanation
    {
        $sum = 0.0;
        $contributions = [];
        foreach ($this->feeds as $feed) {
            $active = $feed->when === null || $feed->when->holds($v);
            $amount = $feed->amount($v);
            $sum = $active ? $feed->join($sum, $amount) : $sum;
            $contributions[] = new Contribution(
                $feed->kind, $feed->id, $feed->name, (float) $v[$feed->input], $amount, $feed->combine, $active, $sum,
            );
        }
        $clamped = max(-Signal::LIMIT, min(Signal::LIMIT, $sum));
        $travelled = $clamped * ($clamped >= 0 ? $this->output->travel->high : $this->output->travel->low);
        $signal = (float) $v[$this->slot];

        return new Explanation(
            $this->output->channel, $contributions, $clamped, $travelled, $travelled * $this->sign,
            $travelled * $this->sign + $this->subtrim, $signal, $this->scale->pulse($signal), $v[$this->slot + 2] === 1,
        );
    }
}
