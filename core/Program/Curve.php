<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Document\Checked;
use DuskSwitch\Core\Document\Field;
use DuskSwitch\Core\Document\Form\Id;
use DuskSwitch\Core\Document\Form\ListOf;
use DuskSwitch\Core\Document\Form\Number;
use DuskSwitch\Core\Document\Form\Pair;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\WithFields;

/** A curve of 2 to 17 points from x = −1 to x = 1, x strictly rising. */
final readonly class Curve implements Checked
{
    use WithFields;

    /**
     * @param  list<array{float, float}>  $points
     * @param  bool  $smooth  a monotone cubic through the points, else straight lines
     */
    public function __construct(
        #[Id]
        public string $id,
        #[ListOf(new Pair(new Number(-1, 1), new Number(-1.5, 1.5)), most: 17, least: 2), Field(says: '[x, y], x rising from -1 to 1')]
        public array $points,
        #[Field(says: 'a monotone cubic, else straight lines')]
        public bool $smooth = false,
    ) {}

    public function check(JsonCursor $node): static
    {
        $list = $node->at('points');
        $count = count($this->points);
        if ($list === null || $count < 2) {
            return $this;
        }
        foreach ($this->points as $index => [$x]) {
            if ($index > 0 && $x <= $this->points[$index - 1][0]) {
                $list->faults->add(
                    "{$list->path()}[{$index}][0]",
                    "x must rise from point to point; it goes from {$this->points[$index - 1][0]} to {$x}",
                );
            }
        }
        if ($this->points[0][0] !== -1.0 || $this->points[$count - 1][0] !== 1.0) {
            $list->fault('the first point must stand at x = -1 and the last at x = 1');
        }

        return $this;
    }
}
