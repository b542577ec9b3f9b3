<?php

namespace DuskSwitch\Core\Space;

/** What a search came to: it is nowhere so, it is so here, or neither could be shown. */
final readonly class Outcome
{
    private function __construct(public ?Witness $witness, public ?string $open) {}

    /** It's nowhere so. */
    public static function nowhere(): self
    {
        return new self(null, null);
    }

    /** It's so here. */
    public static function here(Witness $witness): self
    {
        return new self($witness, null);
    }

    /** Neither could be shown, because. */
    public static function open(string $why): self
    {
        return new self(null, $why);
    }

    /** True where it was shown that it's nowhere so. */
    public function isNowhere(): bool
    {
        return $this->witness === null && $this->open === null;
    }
}
