<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\WithFields;

/** How far a surface moved for three known pulses, as it was measured on the model. */
final readonly class SurfaceThrow implements Part
{
    use WithFields;

    /**
     * @param  array{float, float, float}  $sent  low end, centre, high end as sent, strictly rising, in µs
     * @param  array{float, float, float}  $moved  what was measured at each, strictly rising or falling: down or right
     *                positive, 0 where the surface is in line
     * @param  float|null  $chord  mm from the hinge to the trailing edge; null where nobody has said
     */
    public function __construct(
        public int $channel,
        public ThrowUnit $unit,
        public array $sent,
        public array $moved,
        public ?float $chord = null,
    ) {}

    /** How far it is at a pulse: straight lines through what was measured, and on beyond it. */
    public function moves(float $pulse): float
    {
        return self::along($this->sent, $this->moved, $pulse, $pulse < $this->sent[1]);
    }

    /** The pulse at which it is so far. */
    public function pulse(float $moved): float
    {
        $falls = $this->moved[2] < $this->moved[0];

        return self::along(
            $this->moved,
            $this->sent,
            $moved,
            $falls ? $moved > $this->moved[1] : $moved < $this->moved[1],
        );
    }

    /** The same in another unit, or null where its chord would have to be known. */
    public function in(ThrowUnit $unit): ?self
    {
        if ($unit === $this->unit) {
            return $this;
        }
        $chord = $this->chord;
        if ($chord === null) {
            return null;
        }
        $turned = fn (float $moved): float => $this->unit->to($unit, $moved, $chord);

        return $this->with(
            unit: $unit,
            moved: [$turned($this->moved[0]), $turned($this->moved[1]), $turned($this->moved[2])],
        );
    }

    /**
     * @param  array{float, float, float}  $from
     * @param  array{float, float, float}  $to
     */
    private static function along(array $from, array $to, float $at, bool $isFirstHalf): float
    {
        [$a, $b] = $isFirstHalf ? [0, 1] : [1, 2];

        return $to[1] + (($at - $from[1]) * ($to[$b] - $to[$a])) / ($from[$b] - $from[$a]);
    }
}
