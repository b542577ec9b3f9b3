<?php

namespace DuskSwitch\Core\Program;

/** One thing in a program (a function, an output, a phase) with all that can be said of it. */
final readonly class SummaryItem
{
    /**
     * @param  string  $kind  what it is: "function", "output"
     * @param  string  $name  as the pilot calls it
     * @param  array<string, array{string, string}>  $facts  label and words, such as "expo, Cruise" and "30 %", by a
     *              key that stays the same when things are renamed
     */
    public function __construct(public string $kind, public string $name, public array $facts) {}

    /**
     * Facts whose label is key enough.
     *
     * @param  array<string, string>  $facts  words by label
     * @return array<string, array{string, string}>
     */
    public static function labelled(array $facts): array
    {
        $labelled = [];
        foreach ($facts as $label => $words) {
            $labelled[$label] = [$label, $words];
        }

        return $labelled;
    }
}
