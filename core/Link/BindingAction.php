<?php

namespace DuskSwitch\Core\Link;

/** What a pilot does while binding. */
enum BindingAction: string
{
    case TransmitterOn = 'transmitter-on';
    case TransmitterOff = 'transmitter-off';
    case TransmitterBinds = 'transmitter-binds';
    case PowerOn = 'power-on';
    case PowerOff = 'power-off';
    case ButtonHeld = 'button-held';
    case ButtonReleased = 'button-released';
    case Command = 'command';
    case Save = 'save';
    case OtherPart = 'other-part';
    case DisplayOn = 'display-on';
    case StepClose = 'step-close';
    case StepBack = 'step-back';
    case MoveSticks = 'move-sticks';
    case FlightPack = 'flight-pack';
    case RangeCheck = 'range-check';
    case FarOut = 'far-out';
    case MorePower = 'more-power';

    /** The act on a button. */
    public function says(): string
    {
        return match ($this) {
            self::TransmitterOn => 'Transmitter on',
            self::TransmitterOff => 'Transmitter off',
            self::TransmitterBinds => 'Transmitter: choose Bind',
            self::PowerOn => 'Power the receiver',
            self::PowerOff => 'Cut the receiver\'s power',
            self::ButtonHeld => 'Hold its button',
            self::ButtonReleased => 'Release its button',
            self::Command => 'Type the bind command, with the link\'s number',
            self::OtherPart => 'Power the second part, too, so that both wait',
            self::Save => 'Save and repower',
            self::DisplayOn => 'Bind the display unit',
            self::StepClose => 'Stand half a metre away',
            self::StepBack => 'Step back to 2 to 2.5 m',
            self::MoveSticks => 'Move every stick',
            self::FlightPack => 'Power it from the flight pack',
            self::RangeCheck => 'Range check at 30 m',
            self::FarOut => 'Far out: 400 m',
            self::MorePower => 'Raise 10 mW to 100 mW',
        };
    }
}
