<?php

namespace DuskSwitch\Core\Readiness;

/** Everything that has to be so before an aircraft flies, in the order of the work. */
enum ReadinessItem: string
{
    case Equipment = 'equipment';
    case Program = 'program';
    case Proof = 'proof';
    case Telemetry = 'telemetry';
    case PackWarning = 'pack-warning';
    case Entered = 'entered';
    case Bound = 'bound';
    case Bench = 'bench';
    case Failsafe = 'failsafe';
    case Checklists = 'checklists';

    /** What is to be so, as a heading. */
    public function title(): string
    {
        return match ($this) {
            self::Equipment => 'Equipment chosen, and it fits together',
            self::Program => 'Program complete',
            self::Proof => 'Program proven safe',
            self::Telemetry => 'Sensors and callouts work',
            self::PackWarning => 'A warning before the pack is empty',
            self::Entered => 'Program entered into the transmitter',
            self::Bound => 'Receiver bound',
            self::Bench => 'Bench check done',
            self::Failsafe => 'Failsafe tested',
            self::Checklists => 'First power-up and first flight checked',
        };
    }

    /** What to do about it, in a few words. */
    public function action(): string
    {
        return match ($this) {
            self::Equipment => 'Choose the equipment',
            self::Program => 'Complete the program',
            self::Proof => 'Fix what was found',
            self::Telemetry => 'Check the sensors',
            self::PackWarning => 'Add a pack alarm',
            self::Entered => 'Enter the program',
            self::Bound => 'Bind the receiver',
            self::Bench => 'Do the bench check',
            self::Failsafe => 'Test the failsafe',
            self::Checklists => 'Go through the lists',
        };
    }

    /** Why it matters, in one line (common practice). */
    public function why(): string
    {
        return match ($this) {
            self::Equipment => 'Parts of different links or firmware don\'t bind, or stay in failsafe.',
            self::Program => 'A function that nothing moves, or a channel that nothing feeds, is found in the air.',
            self::Proof => 'Every switch position is tried here, so that none has to be tried in the air.',
            self::Telemetry => 'A value that never comes and an alarm that never speaks look as if all were well.',
            self::PackWarning => 'An empty pack ends a flight wherever the aircraft is.',
            self::Entered => 'The proof is of this program; the transmitter flies what was entered.',
            self::Bound => 'A bind holds for this receiver, this link and this firmware only.',
            self::Bench => 'A reversed channel, a wrong order or a wrong motor is seen here, with propellers off.',
            self::Failsafe => 'What the receiver does without a signal is known only once it was seen.',
            self::Checklists => 'What no program can know: screws, balance, range, the place, the rules there.',
        };
    }

    /** The station and its view in which it's done. */
    public function place(): string
    {
        return match ($this) {
            self::Equipment => 'kit/equipment',
            self::Program => 'program/loom',
            self::Proof => 'prove/findings',
            self::Telemetry => 'telemetry/sensors',
            self::PackWarning => 'telemetry/alarms',
            self::Entered => 'program/sheet',
            self::Bound => 'kit/binding',
            self::Bench => 'prove/bench',
            self::Failsafe => 'prove/failsafe',
            self::Checklists => 'fly/checklists',
        };
    }

    /**
     * True where a pilot may say that it doesn't apply. A program that is incomplete or not proven is never set aside:
     * what is wrong with it is mended, or accepted one by one.
     */
    public function canBeSetAside(): bool
    {
        return $this !== self::Program && $this !== self::Proof;
    }
}
