<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\WithFields;

/**
 * Holds two functions together inside a circle, as the ring around a swash plate's mast does: where the
 * stick is in a corner, both are shortened so that their direction stays and their length is the limit.
 */
final readonly class Ring implements Part
{
    use WithFields;

    /**
     * @param  array{string, string}  $of  two proportional functions
     * @param  float  $limit  the circle's radius as a signal, above 0, at most 1.5
     */
    public function __construct(public array $of, public float $limit) {}
}
