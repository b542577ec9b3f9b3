<?php

namespace DuskSwitch\Core\Signal;

use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Signal\Part\OutputPart;
use DuskSwitch\Core\Signal\Part\Part;
use DuskSwitch\Core\Signal\Part\ProportionalPart;

use function array_merge;

/**
 * A program, ready to run: a flat list of parts over numbered slots, no look-up by name.
 *
 * A frame is settled: phases have faded in and slowed feeds have arrived.
 */
final readonly class Circuit
{
    /** @var list<float|int> */
    private array $blank;

    public Panel $panel;

    /** @param  list<Part>  $parts each after all that it needs */
    public function __construct(public Program $program, public Layout $layout, private array $parts)
    {
        $this->panel = $layout->panel;
        $this->blank = $layout->blank();
    }

    /**
     * One frame.
     *
     * @param  list<float>  $inputs  in the order of the panel, {@see Panel}
     */
    public function frame(array $inputs): Frame
    {
        $v = array_merge($inputs, $this->blank);
        foreach ($this->parts as $part) {
            $part->run($v);
        }

        return new Frame($this->program, $this->layout, $v);
    }

    /** Why an output of a frame is where it is; null where the program has no such output. */
    public function explain(int $channel, Frame $frame): ?Explanation
    {
        foreach ($this->parts as $part) {
            if ($part instanceof OutputPart && $part->output->channel === $channel) {
                return $part->explain($frame->slots);
            }
        }

        return null;
    }

    /**
     * A proportional function's answer to its stick, drawn: per phase the points of its line.
     *
     * @param  int  $steps  how many pieces the way from −1 to 1 is cut into
     * @return list<array{phase: string, points: list<array{float, float}>}>|null null for a function that isn't proportional or that nothing drives
     */
    public function line(string $function, int $steps = 80): ?array
    {
        $part = $this->proportional($function);
        if ($part === null) {
            return null;
        }
        $lines = [];
        foreach ($this->program->phases as $index => $phase) {
            $points = [];
            for ($i = 0; $i <= $steps; $i++) {
                $x = 2 * $i / $steps - 1;
                $points[] = [$x, $part->answer($x, $index)];
            }
            $lines[] = ['phase' => $phase->id, 'points' => $points];
        }

        return $lines;
    }

    /**
     * Where a proportional function stands in a frame: its stick and its value.
     *
     * @return array{x: float, y: float}|null null for a function that isn't proportional or that nothing drives
     */
    public function dot(string $function, Frame $frame): ?array
    {
        $part = $this->proportional($function);

        return $part === null ? null : ['x' => (float) $frame->slots[$part->input], 'y' => (float) $frame->slots[$part->slot]];
    }

    private function proportional(string $function): ?ProportionalPart
    {
        $slot = $this->layout->function($function);
        foreach ($this->parts as $part) {
            if ($part instanceof ProportionalPart && $part->slot === $slot && $part->input < $this->panel->size()) {
                return $part;
            }
        }

        return null;
    }
}
