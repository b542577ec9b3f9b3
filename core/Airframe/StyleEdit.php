<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Program\Curve;
use DuskSwitch\Core\Program\Phase;
use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Program\Purpose;
use DuskSwitch\Core\Program\Shape;
use DuskSwitch\Core\Program\Step;
use DuskSwitch\Core\Program\SteppedFunction;
use DuskSwitch\Core\Units\Range;

/** Changes one cell of the table of styles, wherever in the program it comes from. */
final class StyleEdit
{
    /**
     * The program with one thing of one row changed.
     *
     * @param  string  $row  the row's phase
     * @param  float  $value  a signal; a share of the whole way for throttle and floor; seconds for the fade
     *
     * @throws Refused where that row hasn't got that thing
     */
    public static function put(Styles $styles, string $row, StyleColumn $thing, float $value): Program
    {
        foreach ($styles->rows() as $one) {
            if ($one->phase === $row) {
                return self::changed($styles, $one, $thing, $value);
            }
        }
        throw Refused::because('row', "no position of {$styles->control()} chooses the phase \"{$row}\"");
    }

    private static function changed(Styles $styles, StyleRow $row, StyleColumn $thing, float $value): Program
    {
        $program = $styles->program;
        $step = $row->step === null ? null : $styles->step($row->step);
        if ($step === null && in_array($thing, [StyleColumn::Style, StyleColumn::Throttle, StyleColumn::Gain], true)) {
            throw Refused::because('thing', "{$row->name} has no {$thing->value} of its own; the motor stands");
        }

        return match ($thing) {
            StyleColumn::Style => self::stepped($program, $styles->style->id, $step, $value),
            StyleColumn::Gain => self::stepped($program, $styles->gains()->id ?? '', $styles->gain($step), $value),
            StyleColumn::Expo => self::expo($program, $row->phase, $value),
            StyleColumn::Throttle => self::throttle($styles, $row, round(2 * $value - 1, 6)),
            StyleColumn::Floor => self::floor($styles, $row, round(2 * $value - 1, 6)),
            StyleColumn::Fade => $program->with(phases: self::faded($program, $row->phase, $value)),
        };
    }

    private static function stepped(Program $program, string $id, ?Step $step, float $value): Program
    {
        return self::function(
            $program,
            $id,
            fn (PilotFunction $one): PilotFunction => $one instanceof SteppedFunction
                ? $one->with(
                    steps: array_map(
                        fn (Step $is): Step => $is->id === $step?->id ? $is->with(value: $value) : $is,
                        $one->steps,
                    ),
                )
                : $one,
        );
    }

    private static function expo(Program $program, string $phase, float $value): Program
    {
        foreach ($program->whose(Purpose::Roll, Purpose::Pitch, Purpose::Yaw) as $cyclic) {
            $program = self::function(
                $program,
                $cyclic->id(),
                fn (PilotFunction $one): PilotFunction => $one instanceof ProportionalFunction
                    ? $one->with(
                        shapes: [
                            ...$one->shapes,
                            $phase => new Shape(
                                rate: (
                                    $one->shapes[$phase] ??
                                    ($one->shapes[$program->base()->id] ?? Shape::straight())
                                )->rate,
                                expo: $value,
                            ),
                        ],
                    )
                    : $one,
            );
        }

        return $program;
    }

    private static function throttle(Styles $styles, StyleRow $row, float $value): Program
    {
        $curve = $styles->curve($styles->throttle, $styles->phase($row->phase));
        if ($curve === null || $styles->flat($curve) === null) {
            throw Refused::because(
                'thing',
                "{$row->name}'s throttle curve isn't flat; change its points in Rates and curves, or make it flat there first",
            );
        }
        $points = array_map(
            fn (array $point, int $index): array => $index === 0 && $point[1] === -1.0 ? $point : [$point[0], $value],
            $curve->points,
            array_keys($curve->points),
        );

        return $styles->program->with(
            curves: [...$styles->program->curves, $curve->id => $curve->with(points: $points)],
        );
    }

    private static function floor(Styles $styles, StyleRow $row, float $value): Program
    {
        $program = $styles->program;
        $curve = $styles->curve($styles->collective, $styles->phase($row->phase));
        if ($curve !== null) {
            return $program->with(
                curves: [
                    ...$program->curves,
                    $curve->id => $curve->with(points: [[-1.0, $value], ...array_slice($curve->points, 1)]),
                ],
            );
        }
        $id = "pitch-{$row->phase}";
        $with = $program->with(
            curves: [...$program->curves, $id => new Curve(id: $id, points: [[-1.0, $value], [0.0, 0.0], [1.0, 1.0]])],
        );

        return self::function(
            $with,
            $styles->collective->id,
            fn (PilotFunction $one): PilotFunction => $one instanceof ProportionalFunction
                ? $one->with(
                    shapes: [...$one->shapes, $row->phase => new Shape(rate: Range::both(1.0), expo: 0.0, curve: $id)],
                )
                : $one,
        );
    }

    /** @return non-empty-list<Phase> */
    private static function faded(Program $program, string $id, float $seconds): array
    {
        return array_map(
            fn (Phase $phase): Phase => $phase->id === $id ? $phase->with(fade: $seconds) : $phase,
            $program->phases,
        );
    }

    /** @param  callable(PilotFunction): PilotFunction  $change */
    private static function function(Program $program, string $id, callable $change): Program
    {
        return $program->with(
            functions: array_map(
                fn (PilotFunction $one): PilotFunction => $one->id() === $id ? $change($one) : $one,
                $program->functions,
            ),
        );
    }
}
