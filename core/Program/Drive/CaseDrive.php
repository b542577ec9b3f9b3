<?php

namespace DuskSwitch\Core\Program\Drive;

use DuskSwitch\Core\Document\Form\ListOf;
use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\WithFields;

/** Conditions choose the step: the first that holds; the function's first step where none does. */
final readonly class CaseDrive implements Part
{
    use WithFields;

    /** @param  non-empty-list<DriveCase>  $cases */
    public function __construct(
        #[ListOf(DriveCase::class, most: 16, least: 1)]
        public array $cases,
    ) {}
}
