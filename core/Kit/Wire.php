<?php

namespace DuskSwitch\Core\Kit;

/** How a receiver passes its channels on. */
enum Wire: string
{
    case Leads = 'leads';
    case Sum = 'sum';
    case Serial = 'serial';

    /** The kind in words. */
    public function says(): string
    {
        return match ($this) {
            self::Leads => 'one lead per channel',
            self::Sum => 'sum signal on one lead',
            self::Serial => 'serial',
        };
    }
}
