<?php

namespace DuskSwitch\Core\Proof;

/** What a rule comes to. */
enum Answer: string
{
    case Proven = 'proven';
    case Findings = 'findings';
    case NotProven = 'not proven';
    case DoesNotApply = 'does not apply';
    case NotChecked = 'not checked';
}
