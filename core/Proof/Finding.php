<?php

namespace DuskSwitch\Core\Proof;

use DuskSwitch\Core\Program\Program;

/** Something that the proof found, with the state in which it shows and, where one is safe, a mend. */
final readonly class Finding
{
    /**
     * @param  string  $rule  the rule's id
     * @param  string  $about  what it's about: "output:5", "control:flick-a", "program"
     * @param  string  $says  a sentence
     * @param  list<float>|null  $inputs  in the order of the plain panel; null where it shows in every state
     * @param  string|null  $mend  what the mend does, in words
     * @param  Program|null  $mended  the program with it
     */
    public function __construct(
        public string $rule,
        public Severity $severity,
        public string $about,
        public string $says,
        public ?array $inputs = null,
        public ?string $mend = null,
        public ?Program $mended = null,
    ) {}

    /** Stays the same while the finding says the same: an acceptance names it, and ends when it changes. */
    public function key(): string
    {
        return $this->rule.' '.$this->about.' '.substr(hash('sha256', $this->says), 0, 12);
    }
}
