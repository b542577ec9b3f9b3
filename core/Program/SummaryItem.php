<?php

namespace DuskSwitch\Core\Program;

/** One thing in a program (a function, an output, a phase) with all that can be said of it. */
final readonly class SummaryItem
{
    /**
     * @param  string  $kind  what it is: "function", "output"
     * @param  string  $name  as the pilot calls it
     * @param  array<string, array{string, string}>  $facts  label and words, such as "expo, Cruise" and "30 %", by a key that stays the same when things are renamed
     */
    public function __construct(public string $kind, public string $name, public array $facts) {}
}
