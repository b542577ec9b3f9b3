<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Rehearsal\FlightModel;
use DuskSwitch\Core\Signal\Contribution;
use DuskSwitch\Core\Signal\Explanation;
use DuskSwitch\Core\Signal\Frame;
use DuskSwitch\Core\Signal\OutputStages;
use DuskSwitch\Core\Signal\OutputValue;
use DuskSwitch\Core\Signal\Panel;

/** Writes frames and explanations as plain values, ready for JSON. */
final class FrameEncoder
{
    /**
     * @return array{phase: string, functions: object, steps: object, outputs: object}
     */
    public static function frame(Frame $frame): array
    {
        return [
            'phase' => $frame->phase(),
            'functions' => (object) array_map(self::plain(...), $frame->functions()),
            'steps' => (object) $frame->steps(),
            'outputs' => (object) array_map(
                fn (OutputValue $output): array => [
                    'signal' => self::plain($output->signal),
                    'pulse' => $output->pulse,
                    'clipped' => $output->clipped,
                ],
                $frame->outputs(),
            ),
        ];
    }

    /**
     * What each output is asked for, before its direction, travel and centre: how far its surface goes.
     *
     * @return object by channel
     */
    public static function meant(Frame $frame, Program $program): object
    {
        $values = $frame->outputs();
        $meant = [];
        foreach ($program->outputs as $output) {
            $meant[$output->channel] = self::plain(
                round(OutputStages::back($output, $values[$output->channel]->signal), 6),
            );
        }

        return (object) $meant;
    }

    /** @return list<int> channels of the motors that turn */
    public static function turning(Frame $frame, Program $program): array
    {
        $motors = array_map(fn (Output $one): int => $one->channel, $program->motors());
        $model = FlightModel::of($program->family);

        return array_values(array_filter($motors, fn (int $channel): bool => $model->turns($frame->pulse($channel))));
    }

    /**
     * What the hand does, as signals: by axis, and by control.
     *
     * @param  list<float>  $inputs  in the order of the panel
     * @return array{axes: object, controls: object}
     */
    public static function inputs(array $inputs, Panel $panel): array
    {
        $axes = $controls = [];
        foreach (Axis::cases() as $axis) {
            $axes[$axis->value] = self::plain($inputs[$panel->axis($axis)] ?? 0.0);
        }
        foreach ($panel->transmitter->controls as $control) {
            $controls[$control->id] = self::plain($inputs[(int) $panel->control($control->id)] ?? 0.0);
        }

        return ['axes' => (object) $axes, 'controls' => (object) $controls];
    }

    /** @return array<string, mixed> */
    public static function explanation(Explanation $explanation): array
    {
        return [
            'channel' => $explanation->channel,
            'contributions' => array_map(
                fn (Contribution $one): array => [
                    'kind' => $one->kind,
                    'id' => $one->id,
                    'name' => $one->name,
                    'source' => self::plain($one->source),
                    'amount' => self::plain($one->amount),
                    'combine' => $one->combine->value,
                    'active' => $one->active,
                    'sum' => self::plain($one->sum),
                ],
                $explanation->contributions,
            ),
            'sum' => self::plain($explanation->sum),
            'afterTravel' => self::plain($explanation->afterTravel),
            'afterReverse' => self::plain($explanation->afterReverse),
            'afterSubtrim' => self::plain($explanation->afterSubtrim),
            'signal' => self::plain($explanation->signal),
            'pulse' => $explanation->pulse,
            'clipped' => $explanation->clipped,
        ];
    }

    /** Zero has no sign outside the core. */
    private static function plain(float $signal): float
    {
        return $signal + 0.0;
    }
}
