<?php

namespace DuskSwitch\Core\Kit;

/** How one receiver is bound. */
final readonly class BindingWay
{
    /** @param  int|null  $number  what its bind command takes for this kind of link, 0 to 255 */
    public function __construct(public Binding $by, public ?int $number = null) {}
}
