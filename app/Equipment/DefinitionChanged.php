<?php

namespace DuskSwitch\App\Equipment;

use RuntimeException;

/** A definition was changed elsewhere since it was opened. */
final class DefinitionChanged extends RuntimeException
{
    public function __construct(public readonly int $now, int $base)
    {
        parent::__construct(
            "This definition is at revision {$now} now, not {$base}: it was changed elsewhere. Keep yours under ".
                'another id, or open it again.',
        );
    }
}
