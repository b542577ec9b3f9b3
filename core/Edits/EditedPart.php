<?php

namespace DuskSwitch\Core\Edits;

use DuskSwitch\Core\Document\Merge\MergedPart;

/** A part that isn't the same in two edits, in words. */
final readonly class EditedPart
{
    /**
     * @param  string  $title  what it is: "Output 3 Rudder"
     * @param  list<string>  $mine  what was changed in it here; none where nothing was
     * @param  list<string>  $theirs  what was changed in it by the other edit
     */
    public function __construct(
        public MergedPart $part,
        public string $title,
        public array $mine,
        public array $theirs,
    ) {}
}
