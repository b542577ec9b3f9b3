<?php

namespace DuskSwitch\Core\Program\Drive;

/** Conditions choose the step: the first that holds; the function's first step where none does. */
final readonly class CaseDrive
{
    /** @param  non-empty-list<DriveCase>  $cases */
    public function __construct(public array $cases) {}
}
