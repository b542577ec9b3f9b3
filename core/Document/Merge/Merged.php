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

    /** True where nobody has to choose any more. */
    public function isDecided(): bool
    {
        return ! in_array(null, array_map(fn (MergedPart $one): ?Side => $one->taken, $this->parts), true);
    }
}
