<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Kit\Control;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\ControlAssignment;
use DuskSwitch\Core\Program\Drive\ControlDrive;
use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\Press;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Program\Routing;
use DuskSwitch\Core\Program\SteppedFunction;

/** Hands out the controls of a transmitter that nothing uses yet, each once. */
final class FreeControls
{
    /** @var list<Control> */
    private array $free;

    /** @param  list<PilotFunction>  $functions  those that will be there */
    public function __construct(private readonly Transmitter $transmitter, array $functions, Program $program)
    {
        $used = [];
        foreach (Routing::threads($program->with(functions: $functions, outputs: [])) as $thread) {
            $used[] = $thread->from;
        }
        $this->free = array_values(
            array_filter(
                $transmitter->controls,
                fn (Control $control): bool => ! in_array("control:{$control->id}", $used, true),
            ),
        );
    }

    /**
     * The function on a free control of the wished kind; a function that is driven already stays there.
     *
     * @return array{PilotFunction, string|null} with a note where there's no control left
     */
    public function drive(PilotFunction $function, PreferredControl $wish): array
    {
        $driven =
            ($function instanceof SteppedFunction || $function instanceof ProportionalFunction) &&
            $function->drive !== null;
        if ($driven) {
            return [$function, null];
        }
        $control = $this->take($wish);
        if ($control === null) {
            return [
                $function,
                "{$this->transmitter->name} has not {$wish->value} left for {$function->name()}: nothing moves it ".
                    'until you give it a control',
            ];
        }
        if ($function instanceof SteppedFunction && $wish === PreferredControl::LongPress) {
            return [$function->with(drive: ControlAssignment::presses($function, $control, Press::Long)), null];
        }
        if ($function instanceof SteppedFunction) {
            return [$function->with(drive: ControlAssignment::detents($function, $control)), null];
        }
        if ($function instanceof ProportionalFunction) {
            return [$function->with(drive: new ControlDrive($control->id), trim: null), null];
        }

        return [$function, null];
    }

    private function take(PreferredControl $wish): ?Control
    {
        $best = null;
        foreach ($this->free as $index => $control) {
            $rank = $wish->rank($control);
            if ($rank !== null && ($best === null || $rank < $best[0])) {
                $best = [$rank, $index];
            }
        }
        if ($best === null) {
            return null;
        }

        return array_splice($this->free, $best[1], 1)[0];
    }
}
