<?php

namespace DuskSwitch\Core\Program;

/** What a receiver does with a channel when the link is lost. */
final readonly class Failsafe
{
    private function __construct(public ?int $pulse, public bool $holds) {}

    /** It gives a pulse, in µs. */
    public static function at(int $pulse): self
    {
        return new self($pulse, false);
    }

    /** It keeps the last pulse. */
    public static function hold(): self
    {
        return new self(null, true);
    }

    /** It gives nothing: a controller notices and does what it is set to do. */
    public static function off(): self
    {
        return new self(null, false);
    }

    /** In words: "1000 µs", "keeps the last", "no pulses". */
    public function says(): string
    {
        return $this->pulse !== null ? "{$this->pulse} µs" : ($this->holds ? 'keeps the last' : 'no pulses');
    }
}
