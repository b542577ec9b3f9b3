<?php

namespace DuskSwitch\Core\Sheet;

/** Things that one keys in together. */
final readonly class Section
{
    /**
     * @param  string  $title  in the pilot's words
     * @param  string  $says  why, or how, in a sentence; may be empty
     * @param  list<Line>  $lines
     */
    public function __construct(public string $title, public string $says, public array $lines) {}
}
