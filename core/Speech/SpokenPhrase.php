<?php

namespace DuskSwitch\Core\Speech;

/** What became of an offer: said from when to when, or dropped and why. */
final readonly class SpokenPhrase
{
    private function __construct(
        public QueuedPhrase $offer,
        public ?float $from,
        public ?float $to,
        public ?string $dropped,
    ) {}

    /** It was said. */
    public static function from(QueuedPhrase $offer, float $from, float $to): self
    {
        return new self($offer, $from, $to, null);
    }

    /** It wasn't. */
    public static function not(QueuedPhrase $offer, string $why): self
    {
        return new self($offer, null, null, $why);
    }

    /** Seconds that it came late. */
    public function late(): float
    {
        return $this->from === null ? 0.0 : $this->from - $this->offer->at;
    }
}
