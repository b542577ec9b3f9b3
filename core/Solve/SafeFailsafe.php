<?php

namespace DuskSwitch\Core\Solve;

use DuskSwitch\Core\Kit\Controller;
use DuskSwitch\Core\Kit\ControllerKind;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Failsafe;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Signal\Compiler;
use DuskSwitch\Core\Signal\Panel;

/** A failsafe that is safe for the family (common practice). */
final class SafeFailsafe
{
    /** A gentle turn: so much of full roll and yaw, to the right. */
    private const TURN = 0.12;

    /**
     * The program with a failsafe on every channel. Behind a flight controller: no pulses, so that it notices and
     * drops or comes home. An aeroplane: throttle closed, a gentle turn. A helicopter: hold.
     */
    public static function for(Program $program, Transmitter $transmitter, ?Controller $controller): Program
    {
        $failsafe = [];
        $circuit = Compiler::compile($program, $transmitter);
        $hand = Panel::of($program, $transmitter)->atRest();
        if (in_array($program->family, [Family::Plane, Family::FlyingWing, Family::Sailplane], true)) {
            $hand[0] = $hand[3] = self::TURN;
        }
        $frame = $circuit->frame(array_values($hand));
        foreach ($program->outputs as $output) {
            $failsafe[$output->channel] =
                $controller?->kind === ControllerKind::FlightController
                    ? Failsafe::off()
                    : Failsafe::at(max(800, min(2200, (int) $frame->pulse($output->channel))));
        }

        return $program->with(aboard: $program->aboard->with(failsafe: $failsafe));
    }
}
