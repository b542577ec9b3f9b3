<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Kit\Control;
use DuskSwitch\Core\Kit\ControlKind;
use DuskSwitch\Core\Program\Condition\ControlLevel;
use DuskSwitch\Core\Program\Drive\AxisDrive;
use DuskSwitch\Core\Program\Drive\CaseDrive;
use DuskSwitch\Core\Program\Drive\ControlDrive;
use DuskSwitch\Core\Program\Drive\DetentDrive;
use DuskSwitch\Core\Program\Drive\DriveCase;

/** Puts a function on another control: what the pilot does by pulling a thread. */
final class ControlAssignment
{
    /**
     * The program with the function driven by $to, or by nothing.
     *
     * A stepped function keeps its map where the detents are the same. Else rest means its first step, the
     * far end its last, so that an aircraft powers up in the first (common practice: disarmed at rest). A press of a
     * button changes over between the first and the last.
     *
     * @throws Refused where there's no such function, or it can't be moved by that
     */
    public static function drive(
        Program $program,
        string $function,
        Axis|Control|null $to,
        Press $press = Press::Held,
    ): Program {
        if ($press !== Press::Held && ! ($to instanceof Control && $to->kind === ControlKind::Button)) {
            throw Refused::because('press', 'is for a button alone; put the function on one');
        }
        $functions = $program->functions;
        foreach ($functions as $index => $found) {
            if ($found->id() === $function) {
                $functions[$index] =
                    $found instanceof SteppedFunction
                        ? self::stepped($found, $to, $press)
                        : ($found instanceof ProportionalFunction
                            ? self::proportional($found, $to)
                            : $found);

                return $program->with(functions: $functions);
            }
        }
        throw Refused::because('function', "there is no function \"{$function}\" in {$program->name}");
    }

    private static function proportional(ProportionalFunction $function, Axis|Control|null $to): ProportionalFunction
    {
        $drive = match (true) {
            $to instanceof Axis => new AxisDrive($to),
            $to instanceof Control => new ControlDrive($to->id),
            default => null,
        };

        // Only a stick has a trim beside it.
        return $function->with(drive: $drive, trim: $to instanceof Axis ? $function->trim : null);
    }

    private static function stepped(
        SteppedFunction $function,
        Axis|Control|null $to,
        Press $press,
    ): SteppedFunction {
        if ($to instanceof Axis) {
            throw Refused::because(
                'to',
                "{$function->name} has steps; put it on a switch, a button, a dial or a slider, not on a stick",
            );
        }
        $drive = match (true) {
            $to === null => null,
            $to->detents === [] => self::zones($function, $to),
            $press !== Press::Held => self::presses($function, $to, $press),
            default => self::detents($function, $to),
        };

        return $function->with(drive: $drive);
    }

    /**
     * A stepped function on a switch or button: its own map where the detents are the same, else from rest to
     * the far end, from the first step to the last.
     */
    public static function detents(SteppedFunction $function, Control $to): DetentDrive
    {
        $old = $function->drive instanceof DetentDrive ? $function->drive->map : [];
        if (array_diff($to->detents, array_keys($old)) === [] && count($old) === count($to->detents)) {
            return new DetentDrive(control: $to->id, map: $old);
        }
        $fromRest = $to->rest === $to->detents[0] ? $to->detents : array_reverse($to->detents);
        $last = count($function->steps) - 1;
        $map = [];
        foreach ($fromRest as $place => $detent) {
            $step = (int) floor(($place * $last) / (count($fromRest) - 1));
            $map[$detent] = ($function->steps[$step] ?? $function->steps[0])->id;
        }

        $inOrder = [];
        foreach ($to->detents as $detent) {
            $inOrder[$detent] = $map[$detent] ?? $function->steps[0]->id;
        }

        return new DetentDrive(control: $to->id, map: $inOrder);
    }

    /** A stepped function that a press of a button changes over, between its first step and its last. */
    public static function presses(SteppedFunction $function, Control $to, Press $press): CaseDrive
    {
        $last = $function->steps[count($function->steps) - 1] ?? $function->steps[0];

        return new CaseDrive([new DriveCase(when: $press->condition($to->id), step: $last->id)]);
    }

    /** A dial or slider, cut into equal zones from low to high. */
    private static function zones(SteppedFunction $function, Control $to): CaseDrive
    {
        $count = count($function->steps);
        $cases = [];
        for ($step = $count - 1; $step > 0; $step--) {
            $cases[] = new DriveCase(
                when: new ControlLevel($to->id, true, round((2 * $step) / $count - 1, 3)),
                step: $function->steps[$step]->id,
            );
        }
        $cases[] = new DriveCase(when: new ControlLevel($to->id, false, 1.5), step: $function->steps[0]->id);

        return new CaseDrive($cases);
    }
}
