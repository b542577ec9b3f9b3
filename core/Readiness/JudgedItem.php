<?php

namespace DuskSwitch\Core\Readiness;

/** An item of the readiness list as it stands with an aircraft. */
final readonly class JudgedItem
{
    /**
     * @param  string  $says  how it stands, in a sentence
     * @param  string|null  $at  when it was last done, ISO 8601
     * @param  string|null  $reason  why it doesn't apply, as the pilot says
     */
    public function __construct(
        public ReadinessItem $item,
        public ItemState $state,
        public string $says,
        public ?string $at = null,
        public ?string $reason = null,
    ) {}

    /** Nothing is left to do. */
    public static function done(ReadinessItem $item, string $says, ?string $at = null): self
    {
        return new self($item, ItemState::Done, $says, $at);
    }

    /** Something is left to do. */
    public static function open(ReadinessItem $item, string $says): self
    {
        return new self($item, ItemState::Open, $says);
    }

    /** It was done, and has to be done again. */
    public static function changed(ReadinessItem $item, string $says, ?string $at = null): self
    {
        return new self($item, ItemState::Changed, $says, $at);
    }

    /** There is nothing to do with this aircraft. */
    public static function notNeeded(ReadinessItem $item, string $says): self
    {
        return new self($item, ItemState::NotNeeded, $says);
    }

    /** The same, set aside by the pilot. */
    public function setAside(string $reason): self
    {
        return new self($this->item, ItemState::SetAside, $this->says, $this->at, $reason);
    }
}
