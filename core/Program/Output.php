<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Units\Range;

/** A numbered channel: the sum of its feeds, its ends, direction, centre and limits. */
final readonly class Output
{
    /**
     * @param  int  $channel  1 to 32
     * @param  list<Feed>  $feeds
     * @param  Range  $travel  how far it goes at −100 % and at +100 %, 0 to 1.5
     * @param  float  $subtrim  moves the centre, −1 to 1
     * @param  Range  $limit  the signal never passes these
     * @param  Role|null  $role  what it moves; null where nobody has said
     */
    public function __construct(
        public int $channel,
        public string $name,
        public array $feeds,
        public Range $travel,
        public bool $reverse,
        public float $subtrim,
        public Range $limit,
        public ?Role $role = null,
    ) {}

    /**
     * The same output with other feeds.
     *
     * @param  list<Feed>  $feeds
     */
    public function fed(array $feeds): self
    {
        return new self(
            $this->channel,
            $this->name,
            $feeds,
            $this->travel,
            $this->reverse,
            $this->subtrim,
            $this->limit,
            $this->role,
        );
    }

    /** The same output with its ends and centre elsewhere. */
    public function set(?Range $travel = null, ?float $subtrim = null, ?bool $reverse = null): self
    {
        return new self(
            $this->channel,
            $this->name,
            $this->feeds,
            $travel ?? $this->travel,
            $reverse ?? $this->reverse,
            $subtrim ?? $this->subtrim,
            $this->limit,
            $this->role,
        );
    }

    /** The same output on another channel. */
    public function on(int $channel): self
    {
        return new self(
            $channel,
            $this->name,
            $this->feeds,
            $this->travel,
            $this->reverse,
            $this->subtrim,
            $this->limit,
            $this->role,
        );
    }

    /** The same output in another role. */
    public function as(?Role $role): self
    {
        return new self(
            $this->channel,
            $this->name,
            $this->feeds,
            $this->travel,
            $this->reverse,
            $this->subtrim,
            $this->limit,
            $role,
        );
    }
}
