<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Kit\Axis;

/** What a surface has to do when a stick goes to one of its ends. */
final readonly class SurfaceMove
{
    /**
     * @param  string  $push  where the stick goes: right or forward
     * @param  string  $goes  where the surface has to go: up, down, left or right
     */
    public function __construct(
        public int $channel,
        public string $name,
        public Axis $stick,
        public string $push,
        public string $goes,
    ) {}
}
