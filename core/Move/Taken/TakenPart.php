<?php

namespace DuskSwitch\Core\Move\Taken;

/** What of one aircraft can be taken into another. */
enum TakenPart: string
{
    case Rates = 'rates';
    case Phases = 'phases';
    case Alarms = 'alarms';
    case Setup = 'setup';
    case Kit = 'kit';

    /** As a pilot chooses it. */
    public function title(): string
    {
        return match ($this) {
            self::Rates => 'Rates, expo and curves',
            self::Phases => 'Phases',
            self::Alarms => 'Alarms, callouts and calculated values',
            self::Setup => 'How the controller is set up',
            self::Kit => 'Receiver, controller and how they are set',
        };
    }
}
