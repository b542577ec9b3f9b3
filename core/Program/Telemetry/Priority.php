<?php

namespace DuskSwitch\Core\Program\Telemetry;

/** Who is heard first. */
enum Priority: string
{
    case Critical = 'critical';
    case Warning = 'warning';
    case Note = 'note';

    /** The lower the sooner. */
    public function rank(): int
    {
        return match ($this) {
            self::Critical => 0,
            self::Warning => 1,
            self::Note => 2,
        };
    }
}
