<?php

namespace DuskSwitch\Core\Link;

use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\Purpose;
use DuskSwitch\Core\Program\Role;

/** A step of the check at the bench, in its order (common practice). */
enum BenchStep: string
{
    case Order = 'order';
    case Ends = 'ends';
    case Jitter = 'jitter';
    case Board = 'board';
    case Surfaces = 'surfaces';
    case Motors = 'motors';
    case Arming = 'arming';

    /** Its name, as in "Order, then direction". */
    public function says(): string
    {
        return match ($this) {
            self::Order => 'Order and direction',
            self::Ends => 'Centre and ends',
            self::Jitter => 'Jitter',
            self::Board => 'The board',
            self::Surfaces => 'Surfaces',
            self::Motors => 'Motors',
            self::Arming => 'Arming',
        };
    }

    /** True where an aircraft with that kit has something to test here. */
    public function isNeeded(InstalledKit $kit): bool
    {
        $outputs = $kit->program->outputs;
        $arms =
            array_filter(
                $kit->program->functions,
                fn ($one): bool => in_array($one->purpose(), [Purpose::Arm, Purpose::MotorCut], true),
            ) !== [];

        return match ($this) {
            self::Order, self::Ends => $outputs !== [],
            self::Jitter, self::Board => $kit->program->controller !== null,
            self::Surfaces => array_filter(
                $outputs,
                fn (Output $one): bool => $one->role !== null &&
                    $one->role !== Role::Other &&
                    ! $one->role->isInput() &&
                    ! $one->role->isMotor(),
            ) !== [],
            self::Motors => $kit->program->motors() !== [],
            self::Arming => $arms,
        };
    }
}
