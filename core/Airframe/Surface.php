<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Program\Feed;

/** An output that a recipe wants, and the part of the aircraft that it moves. */
final readonly class Surface
{
    /**
     * @param  string  $part  of the picture: left-aileron, elevator, motor, swash-front, … or `none`
     * @param  list<Feed>  $feeds
     */
    public function __construct(public string $name, public string $part, public array $feeds) {}
}
