<?php

namespace DuskSwitch\Core\Kit;

/** A battery pack. */
final readonly class Pack
{
    /**
     * @param  int  $cells  in series
     * @param  float  $capacity  mAh
     * @param  string  $plug  what kind of plug it has, in words
     */
    public function __construct(
        public string $id,
        public string $name,
        public int $cells,
        public float $capacity,
        public string $plug,
    ) {}
}
