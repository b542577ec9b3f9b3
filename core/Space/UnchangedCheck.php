<?php

namespace DuskSwitch\Core\Space;

use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Program\Drive\AxisDrive;
use DuskSwitch\Core\Program\Drive\ControlDrive;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Program\Source\AxisSource;
use DuskSwitch\Core\Program\Source\ConstantSource;
use DuskSwitch\Core\Program\Source\ControlSource;
use DuskSwitch\Core\Program\Source\FunctionSource;
use DuskSwitch\Core\Program\Source\OutputSource;

/**
 * Whether a move changes nothing of a channel anywhere in a region: the same feeds, steps, shapes and overrides are in
 * force before and after it, and it moves nothing that flows into the channel. Spans alone can't tell that: the channel
 * may be anywhere in the same span before and after.
 */
final class UnchangedCheck
{
    private readonly Model $model;

    /** @var array<int, bool> by channel */
    private array $known = [];

    public function __construct(private readonly Bounds $before, private readonly Bounds $after)
    {
        $this->model = $before->model;
    }

    /**
     * True where the channel surely sends the same after the move as before, whatever that is; also where nothing is
     * known by regions.
     */
    public static function of(Observed $before, Observed $after, int $channel): bool
    {
        $output = $before instanceof Bounds ? $before->model->outputs[$channel] ?? null : null;

        return $before instanceof Bounds &&
            $after instanceof Bounds &&
            $output !== null &&
            (new self($before, $after))->output($output);
    }

    private function output(Output $output): bool
    {
        return $this->known[$output->channel] ??= $this->fed($output);
    }

    private function fed(Output $output): bool
    {
        foreach ($output->feeds as $feed) {
            $when = $feed->when === null ? true : $this->holds($feed->when);
            $source = $feed->source;
            $same =
                $when === false ||
                ($when === true &&
                    match (true) {
                        $source instanceof FunctionSource => $this->value($source->function),
                        $source instanceof OutputSource => $this->output($this->model->outputs[$source->channel]),
                        $source instanceof AxisSource => $this->axis($source->axis),
                        $source instanceof ControlSource => $this->input(
                            (int) $this->model->panel->control($source->control),
                        ),
                        default => $source instanceof ConstantSource,
                    });
            if (! $same) {
                return false;
            }
        }

        return true;
    }

    /** A function's value, with the other one of its ring. */
    private function value(string $id): bool
    {
        $ring = $this->model->program->ring;
        foreach ($ring !== null && in_array($id, $ring->of, true) ? $ring->of : [$id] as $one) {
            if (! $this->function($this->model->functions[$one] ?? null)) {
                return false;
            }
        }

        return true;
    }

    private function function(?PilotFunction $function): bool
    {
        if (! ($function instanceof ProportionalFunction)) {
            return $function === null ||
                self::one($this->before->steps($function->id()), $this->after->steps($function->id()));
        }
        foreach ($function->overrides as $override) {
            $holds = $this->holds($override->when);
            if ($holds !== false) {
                return $holds === true;
            }
        }
        $drive = $function->drive;
        $inPhase = fn (): bool => self::one($this->before->phases(), $this->after->phases());
        $shaped = $this->rated($function) ?? count($function->shapes) < 2 || $inPhase();

        return $shaped &&
            ($function->trim?->perPhase !== true || $inPhase()) &&
            match (true) {
                $drive instanceof AxisDrive => $this->axis($drive->axis),
                $drive instanceof ControlDrive => $this->input((int) $this->model->panel->control($drive->control)),
                default => true,
            };
    }

    /** True where a dual rate shapes it before and after, false where that isn't sure, null where none ever does. */
    private function rated(ProportionalFunction $function): ?bool
    {
        foreach ($function->dualRates as $rate) {
            $holds = $this->holds($rate->when);
            if ($holds !== false) {
                return $holds === true;
            }
        }

        return null;
    }

    private function axis(Axis $axis): bool
    {
        return array_all([$this->model->panel->axis($axis), ...$this->model->panel->trims($axis)], $this->input(...));
    }

    private function input(int $input): bool
    {
        return ($this->before->region->spans[$input] ?? null) === ($this->after->region->spans[$input] ?? null) &&
            ($this->before->region->points[$input] ?? null) === ($this->after->region->points[$input] ?? null);
    }

    /** True where it holds before and after all over the region, false where it holds nowhere, null else. */
    private function holds(Condition $condition): ?bool
    {
        $truths = [$this->before->truth($condition), $this->after->truth($condition)];

        return match (true) {
            $truths === [Truth::HOLDS, Truth::HOLDS] => true,
            (($truths[0] | $truths[1]) & Truth::HOLDS) === 0 => false,
            default => null,
        };
    }

    /**
     * @param  list<int>  $before
     * @param  list<int>  $after
     */
    private static function one(array $before, array $after): bool
    {
        return count(array_unique([...$before, ...$after])) === 1;
    }
}
