<?php

namespace DuskSwitch\Core\Link;

/** What can be wrong with a receiver and what hangs on it: how each shows, and its cure (common practice). */
enum ReceiverFault: string
{
    case FirmwareApart = 'firmware-apart';
    case BrokenAntenna = 'broken-antenna';
    case WrongInput = 'wrong-input';
    case NoPort = 'no-port';
    case NoTelemetry = 'no-telemetry';
    case WeakSupply = 'weak-supply';
    case OtherOrder = 'other-order';
    case NoFailsafe = 'no-failsafe';
    case BareVideo = 'bare-video';

    /** Its name. */
    public function says(): string
    {
        return match ($this) {
            self::FirmwareApart => 'Firmware of two generations',
            self::BrokenAntenna => 'A broken antenna',
            self::WrongInput => 'The controller\'s input is set to another kind',
            self::NoPort => 'No serial port is given to the receiver',
            self::NoTelemetry => 'The telemetry output is off',
            self::WeakSupply => 'A supply that gives way',
            self::OtherOrder => 'Another order of channels',
            self::NoFailsafe => 'A failsafe that was never set',
            self::BareVideo => 'A video transmitter without its antenna',
        };
    }

    /** How it shows. */
    public function shows(): string
    {
        return match ($this) {
            self::FirmwareApart => 'It binds, and drops into failsafe at once.',
            self::BrokenAntenna => 'All is well beside it; the range check fails, and so does the link far out.',
            self::WrongInput, self::NoPort => 'Solid light and a reading, and no bar moves at the controller.',
            self::NoTelemetry => 'Solid light, every bar moves, and no reading comes back.',
            self::WeakSupply => 'It binds; when the servos move, it loses power and restarts.',
            self::OtherOrder => 'One stick moves another axis.',
            self::NoFailsafe => 'With the transmitter off every channel keeps its last position.',
            self::BareVideo => 'It gets hot as soon as it has power.',
        };
    }

    /** What mends it. */
    public function cure(): string
    {
        return match ($this) {
            self::FirmwareApart => 'Back the set-up up, then bring both sides to the same generation.',
            self::BrokenAntenna => 'Replace it and give it strain relief. In flight: raise the transmit power, 10 mW '.
                'to 100 mW is 10 dB, and come home.',
            self::WrongInput => 'Set the controller\'s input to the receiver\'s kind of wire. A new controller '.
                'release may have dropped the oldest kind.',
            self::NoPort => 'Give the receiver a serial port of its own, never the USB port.',
            self::NoTelemetry => 'Switch the controller\'s telemetry output on, then find sensors again.',
            self::WeakSupply => 'Power it from the flight pack, or from a regulator that gives more.',
            self::OtherOrder => 'Change the order at the controller or at the transmitter, not at both.',
            self::NoFailsafe => 'Set the failsafe and test it: propellers off, transmitter off, then on again.',
            self::BareVideo => 'Cut its power at once. The antenna goes on before the power, and air moves over it.',
        };
    }
}
