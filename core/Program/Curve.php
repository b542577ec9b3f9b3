<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\WithFields;

/** A curve of 2 to 17 points from x = −1 to x = 1, x strictly rising. */
final readonly class Curve implements Part
{
    use WithFields;

    /**
     * @param  list<array{float, float}>  $points
     * @param  bool  $smooth  a monotone cubic through the points, else straight lines
     */
    public function __construct(public string $id, public array $points, public bool $smooth = false) {}
}
