<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Condition\ControlAt;
use DuskSwitch\Core\Program\Condition\Held;
use DuskSwitch\Core\Program\Condition\Taps;
use DuskSwitch\Core\Program\Condition\Toggle;
use DuskSwitch\Core\Program\Drive\CaseDrive;
use DuskSwitch\Core\Program\Drive\DetentDrive;

/** The button that works a function, and by which press. */
final readonly class ButtonUse
{
    private function __construct(public string $button, public Press $press) {}

    /** The button of a function with steps; null where it's on something else, or on more than one press. */
    public static function of(SteppedFunction $function): ?self
    {
        $drive = $function->drive;
        if ($drive instanceof DetentDrive) {
            return isset($drive->map['pressed']) ? new self($drive->control, Press::Held) : null;
        }

        return $drive instanceof CaseDrive && count($drive->cases) === 1 ? self::read($drive->cases[0]->when) : null;
    }

    private static function read(Condition $when): ?self
    {
        if ($when instanceof ControlAt) {
            return $when->detent === 'pressed' ? new self($when->control, Press::Held) : null;
        }
        $of = $when instanceof Toggle ? $when->of : null;
        [$inner, $press] = match (true) {
            $of instanceof Taps => [$of->of, $of->count === 2 ? Press::Double : Press::Single],
            $of instanceof Held => [$of->of, Press::Long],
            default => [$of, Press::Each],
        };

        return $inner instanceof ControlAt && $inner->detent === 'pressed' ? new self($inner->control, $press) : null;
    }
}
