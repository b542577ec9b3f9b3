<?php

namespace DuskSwitch\Core\Document\Merge;

use DuskSwitch\Core\Document\Part;

/** Two edits of a document as one. */
final readonly class Merged
{
    /**
     * @param  Part  $document  of the same class as both; whether it can run isn't known yet
     * @param  list<MergedPart>  $parts  that differ between the two, in the order of the document
     */
    public function __construct(public Part $document, public array $parts) {}

    /** @return list<MergedPart> those that somebody still has to choose */
    public function open(): array
    {
        return array_values(array_filter($this->parts, fn (MergedPart $one): bool => $one->taken === null));
    }

    /** True where nobody has to choose any more. */
    public function isDecided(): bool
    {
        return $this->open() === [];
    }
}
