<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Program\Condition\Condition;

/** One thing in a program (a function, an output, a phase) with all that can be said of it. */
final readonly class SummaryItem
{
    /**
     * @param  string  $kind  what it is: "function", "output"
     * @param  string  $name  as the pilot calls it
     * @param  array<string, array{string, string}>  $facts  label and words, such as "expo, Cruise" and "30 %", by a
     *              key that stays the same when things are renamed
     * @param  Part|Condition|null  $of  what it is in the document: what changed in it and isn't among the facts is
     *                           told by its keys
     */
    public function __construct(
        public string $kind,
        public string $name,
        public array $facts,
        public Part|Condition|null $of = null,
    ) {}

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
