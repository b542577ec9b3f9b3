<?php

namespace DuskSwitch\Core\Readiness;

/** How an item of the readiness list stands. */
enum ItemState: string
{
    case Done = 'done';
    case Open = 'open';

    /** It was done, and what it tested has changed since. */
    case Changed = 'changed';

    /** This aircraft has nothing to do there. */
    case NotNeeded = 'not needed';

    /** The pilot says that it doesn't apply, and why. */
    case SetAside = 'set aside';

    /** True where nothing is left to do. */
    public function isSettled(): bool
    {
        return $this !== self::Open && $this !== self::Changed;
    }
}
