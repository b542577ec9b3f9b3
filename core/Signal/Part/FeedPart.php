<?php

namespace DuskSwitch\Core\Signal\Part;

use DuskSwitch\Core\Program\Combine;
use DuskSwitch\Core\Signal\Curve\Answer;
use DuskSwitch\Core\Signal\Test\Test;

/** A feed, compiled. It keeps the kind, id and name of its source for explanations. */
final readonly class FeedPart
{
    public bool $plain;

    public function __construct(
        public string $kind,
        public string $id,
        public string $name,
        public int $input,
        public float $low,
        public float $high,
        public float $offset,
        public ?Answer $curve,
        public ?Test $when,
        public Combine $combine,
    ) {
        $this->plain = $curve === null && $when === null && $combine === Combine::Add;
    }

    /**
     * What the feed brings, before it joins the sum.
     *
     * @param  array<int, float|int>  $v  the slots
     */
    public function amount(array $v): float
    {
        $m = $v[$this->input];
        if ($this->curve !== null) {
            $m = $this->curve->at($m);
        }

        return $this->offset + $m * ($m >= 0 ? $this->high : $this->low);
    }

    /** Joins an amount to the sum of the feeds before. */
    public function join(float $sum, float $amount): float
    {
        return match ($this->combine) {
            Combine::Add => $sum + $amount,
            Combine::Replace => $amount,
            Combine::Scale => $sum * $amount,
        };
    }
}
