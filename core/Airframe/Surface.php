<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Program\Feed;
use DuskSwitch\Core\Program\Role;

/** An output that a recipe wants, and what it moves. */
final readonly class Surface
{
    /** @param  list<Feed>  $feeds */
    public function __construct(public string $name, public Role $role, public array $feeds) {}
}
