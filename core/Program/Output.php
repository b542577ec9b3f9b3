<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\WithFields;
use DuskSwitch\Core\Units\Range;

/** A numbered channel: the sum of its feeds, its ends, direction, centre and limits. */
final readonly class Output implements Part
{
    use WithFields;

    /**
     * @param  int  $channel  1 to 32
     * @param  list<Feed>  $feeds
     * @param  Range  $travel  how far it goes at −100 % and at +100 %, 0 to 1.5
     * @param  float  $subtrim  moves the centre, −1 to 1
     * @param  Range  $limit  the signal never passes these
     * @param  Role|null  $role  what it moves; null where nobody has said
     */
    public function __construct(
        public int $channel,
        public string $name,
        public array $feeds,
        public Range $travel,
        public bool $reverse,
        public float $subtrim,
        public Range $limit,
        public ?Role $role = null,
    ) {}
}
