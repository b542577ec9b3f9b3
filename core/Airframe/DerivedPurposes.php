<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Program\Condition\StepIs;
use DuskSwitch\Core\Program\ConditionTree;
use DuskSwitch\Core\Program\Drive\AxisDrive;
use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Program\Purpose;

/**
 * What the functions of a document of version 1 are for: by the stick that moves them, by what they stop, else by the
 * words that pilots use.
 */
final readonly class DerivedPurposes
{
    /** Words in an id or a name, the first that fits. */
    private const WORDS = [
        'motor cut|throttle cut|cut$|kill|engine cut|motor safety|safety|throttle hold|hold$' => Purpose::MotorCut,
        'altitude hold' => Purpose::FlightMode,
        'disarm|arm' => Purpose::Arm,
        'collective' => Purpose::Collective,
        'gain|gyro' => Purpose::GyroGain,
        'rescue|self-level|self level|bail' => Purpose::SelfLevel,
        'style' => Purpose::Style,
        'flight mode|flight task|mode|task' => Purpose::FlightMode,
        'flap' => Purpose::Flaps,
        'camber' => Purpose::Camber,
        'brake|spoiler|crow|butterfly' => Purpose::Brakes,
        'beep|finder|lost model' => Purpose::Beeper,
        'flip|turtle' => Purpose::FlipOver,
        'video|vtx' => Purpose::VideoPower,
        'tilt' => Purpose::CameraTilt,
        'pan$|camera pan' => Purpose::CameraPan,
        'light|lamp|led' => Purpose::Lights,
        'log' => Purpose::Logging,
        'tone|vario' => Purpose::Tone,
        'throttle|motor|engine' => Purpose::Throttle,
        'roll|aileron' => Purpose::Roll,
        'pitch|elevator' => Purpose::Pitch,
        'yaw|rudder' => Purpose::Yaw,
    ];

    public function __construct(private Program $program) {}

    /** What a function is for. */
    public function of(PilotFunction $function): Purpose
    {
        $words = strtolower("{$function->id()} {$function->name()}");
        $axis =
            $function instanceof ProportionalFunction && $function->drive instanceof AxisDrive
                ? $function->drive->axis
                : null;
        if ($axis !== null) {
            return $this->said($words) === Purpose::Collective ? Purpose::Collective : Purpose::from($axis->value);
        }
        if ($function instanceof ProportionalFunction) {
            $said = $this->said($words);

            return in_array($said, [Purpose::Arm, Purpose::MotorCut, Purpose::FlightMode, Purpose::Style], true)
                ? Purpose::Other
                : $said;
        }
        $said = $this->said($words);
        if ($this->stopsThrottle($function) && $said !== Purpose::Arm) {
            return Purpose::MotorCut;
        }

        return in_array(
            $said,
            [Purpose::Roll, Purpose::Pitch, Purpose::Yaw, Purpose::Throttle, Purpose::Collective],
            true,
        )
            ? Purpose::Other
            : $said;
    }

    /** True where a step of it holds a function of the throttle stick at its low end. */
    private function stopsThrottle(PilotFunction $function): bool
    {
        foreach ($this->program->functions as $one) {
            foreach ($one instanceof ProportionalFunction ? $one->overrides : [] as $override) {
                $asks = array_filter(
                    ConditionTree::all($override->when),
                    fn ($condition): bool => $condition instanceof StepIs && $condition->function === $function->id(),
                );
                $drive = $one instanceof ProportionalFunction ? $one->drive : null;
                if (
                    $asks !== [] &&
                    $override->value <= -0.9 &&
                    $drive instanceof AxisDrive &&
                    $drive->axis->rest() < 0.0
                ) {
                    return true;
                }
            }
        }

        return false;
    }

    private function said(string $words): Purpose
    {
        foreach (self::WORDS as $pattern => $purpose) {
            foreach (explode('|', $pattern) as $word) {
                if (
                    preg_match('/(^|[^a-z])'.str_replace(['$', ' '], ['([^a-z]|$)', '[ -]'], $word).'/', $words) ===
                    1
                ) {
                    return $purpose;
                }
            }
        }

        return Purpose::Other;
    }
}
