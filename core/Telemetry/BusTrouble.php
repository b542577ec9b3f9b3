<?php

namespace DuskSwitch\Core\Telemetry;

/** What can be wrong on a sensor bus: how it shows, and its cure (common practice). */
enum BusTrouble: string
{
    case NoStream = 'no-stream';
    case Polarity = 'polarity';
    case WrongBus = 'wrong-bus';
    case NoSatellites = 'no-satellites';
    case WiresSwapped = 'wires-swapped';
    case Stale = 'stale';

    /** Its name. */
    public function says(): string
    {
        return match ($this) {
            self::NoStream => 'The controller\'s telemetry output is off',
            self::Polarity => 'A sensor\'s supply is reversed',
            self::WrongBus => 'The receiver\'s pin is set to the other bus',
            self::NoSatellites => 'No satellites',
            self::WiresSwapped => 'The GPS\'s two wires are swapped',
            self::Stale => 'Values of a sensor that was taken out are still there',
        };
    }

    /** What mends it. */
    public function cure(): string
    {
        return match ($this) {
            self::NoStream => 'Switch the controller\'s telemetry output on: until then only the link\'s own values '.
                'show.',
            self::Polarity => 'Cut the power at once and turn the plug round. A GPS that was reversed may be dead.',
            self::WrongBus => 'Set the pin to the bus that the sensor\'s lamp shows: slow blink the older, quick the '.
                'newer.',
            self::NoSatellites => 'Go outside, antenna to the sky, away from video transmitter and receiver; a cold '.
                'start takes about 30 s.',
            self::WiresSwapped => 'Swap the GPS\'s two data wires: it counts no messages until then. 57,600 baud is '.
                'common, else automatic.',
            self::Stale => 'Forget all and find again.',
        };
    }
}
