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

    /** Where every feed is an even weight, added: nothing but these are needed. */
    private float $bias;

    /** @var array<int, float>|null weight by slot; null where the feeds need more */
    private ?array $weights;

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
        $this->bias = array_sum(array_map(fn (FeedPart $feed): float => $feed->offset, $feeds));
        $this->weights = self::simple($feeds);
    }

    /**
     * @param  list<FeedPart>  $feeds
     * @return array<int, float>|null
     */
    private static function simple(array $feeds): ?array
    {
        $weights = [];
        foreach ($feeds as $feed) {
            if (! $feed->plain || $feed->low !== $feed->high || isset($weights[$feed->input])) {
                return null;
            }
            $weights[$feed->input] = $feed->high;
        }

        return $weights;
    }

    public function run(array &$v): void
    {
        if ($this->weights !== null) {
            $sum = $this->bias;
            foreach ($this->weights as $slot => $weight) {
                $sum += $v[$slot] * $weight;
            }
        } else {
            $sum = $this->sum($v);
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
        // A pulse is positive, so cutting off after adding a half rounds halves away from zero.
        $v[$this->slot + 1] = (int) ($this->centre + $this->span * $s + 0.5);
        $v[$this->slot + 2] = $clipped;
    }

    /** @param  array<int, float|int>  $v */
    private function sum(array $v): float
    {
        $sum = 0.0;
        foreach ($this->feeds as $feed) {
            if ($feed->when === null || $feed->when->holds($v)) {
                $sum = $feed->join($sum, $feed->amount($v));
            }
        }

        return $sum;
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
