<?php

namespace DuskSwitch\Core\Sheet;

/** One thing to key in, or to do. */
final readonly class Line
{
    /**
     * @param  string  $what  "Travel low"
     * @param  string  $value  with its unit, as one keys it in
     * @param  string|null  $wanted  what the program means, where the transmitter can't hold just that
     * @param  string|null  $lost  what is lost by it
     * @param  string|null  $about  what it stays the same line by, whatever things are called; by its words where it's null
     */
    public function __construct(
        public string $what,
        public string $value,
        public ?string $wanted = null,
        public ?string $lost = null,
        public ?string $about = null,
    ) {}

    /** The same line, known by something else than its words. */
    public function known(string $about): self
    {
        return new self($this->what, $this->value, $this->wanted, $this->lost, $about);
    }
}
