<?php

namespace DuskSwitch\Core\Proof;

/** How bad a finding is. */
enum Severity: string
{
    case Error = 'error';
    case Warning = 'warning';
    case Note = 'note';

    /** The worst has 0. */
    public function rank(): int
    {
        return match ($this) {
            self::Error => 0,
            self::Warning => 1,
            self::Note => 2,
        };
    }
}
