<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Condition\ControlAt;
use DuskSwitch\Core\Program\Condition\Held;
use DuskSwitch\Core\Program\Condition\Taps;
use DuskSwitch\Core\Program\Condition\Toggle;

/** How a press of a button works a function with steps. */
enum Press: string
{
    case Held = 'held';
    case Each = 'each';
    case Single = 'single';
    case Double = 'double';
    case Long = 'long';

    /** Seconds in which a second press makes a double one. */
    public const WITHIN = 0.4;

    /** Seconds after which a press is a long one. */
    public const LONG = 1.0;

    /** As a pilot chooses it. */
    public function title(): string
    {
        return match ($this) {
            self::Held => 'While it is held',
            self::Each => 'Each press',
            self::Single => 'A single press',
            self::Double => 'A double press',
            self::Long => 'A long press',
        };
    }

    /** What a function's last step hangs on, for a button. */
    public function condition(string $button): Condition
    {
        $pressed = new ControlAt($button, 'pressed');

        return match ($this) {
            self::Held => $pressed,
            self::Each => new Toggle($pressed),
            self::Single => new Toggle(new Taps($pressed, 1, self::WITHIN)),
            self::Double => new Toggle(new Taps($pressed, 2, self::WITHIN)),
            self::Long => new Toggle(new Held($pressed, self::LONG)),
        };
    }

    /** True where one press does for both: a single and a double press of one button are two. */
    public function meets(self $other): bool
    {
        return match ($this) {
            self::Held, self::Each => true,
            default => $this === $other || $other === self::Held || $other === self::Each,
        };
    }
}
