<?php

namespace DuskSwitch\Core\Document\Merge;

/** A part of a document that isn't the same in two edits of it. */
final readonly class MergedPart
{
    /**
     * @param  string  $path  keys and ids down to it: "outputs/3", "aboard/kit/link"; ends with "#order" where it's
     *              the order of what stands there
     * @param  list<Side>  $changed  who changed it, Mine, Theirs or both of them
     * @param  bool  $joins  true where both edits of it can be taken at once
     * @param  Side|null  $taken  whose it is in the merged document; null where both changed it and nobody chose: it's
     *              theirs then
     */
    public function __construct(
        public string $path,
        public array $changed,
        public bool $joins,
        public ?Side $taken,
    ) {}

    /** True where both changed it, each otherwise. */
    public function isConflict(): bool
    {
        return count($this->changed) > 1;
    }
}
