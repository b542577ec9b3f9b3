<?php

namespace DuskSwitch\Core\Signal;

use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\SteppedFunction;

/** What a program gives for one set of inputs. */
final readonly class Frame
{
    /** @param  array<int, float|int>  $slots as {@see Layout} says */
    public function __construct(private Program $program, private Layout $layout, public array $slots) {}

    /** The id of the active phase. */
    public function phase(): string
    {
        return $this->program->phases[(int) $this->slots[$this->layout->phase]]->id ?? '';
    }

    /** @return array<string, float> the value of every function */
    public function functions(): array
    {
        $values = [];
        foreach ($this->program->functions as $function) {
            $values[$function->id()] = (float) $this->slots[(int) $this->layout->function($function->id())];
        }

        return $values;
    }

    /** @return array<string, string> the step of every stepped function */
    public function steps(): array
    {
        $steps = [];
        foreach ($this->program->functions as $function) {
            if ($function instanceof SteppedFunction) {
                $step = (int) $this->slots[(int) $this->layout->function($function->id) + 1];
                $steps[$function->id] = ($function->steps[$step] ?? $function->steps[0])->id;
            }
        }

        return $steps;
    }

    /** @return array<int, OutputValue> by channel */
    public function outputs(): array
    {
        $outputs = [];
        foreach ($this->program->outputs as $output) {
            $slot = (int) $this->layout->output($output->channel);
            $outputs[$output->channel] = new OutputValue(
                (float) $this->slots[$slot],
                (int) $this->slots[$slot + 1],
                $this->slots[$slot + 2] === 1,
            );
        }

        return $outputs;
    }

    /** The pulse of a channel in µs; null where the program has no such output. */
    public function pulse(int $channel): ?int
    {
        $slot = $this->layout->output($channel);

        return $slot === null ? null : (int) $this->slots[$slot + 1];
    }
}
