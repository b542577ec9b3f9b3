<?php

namespace DuskSwitch\Core\Signal\Test;

use DuskSwitch\Core\Signal\Part\Code;

/** A named condition, calculated before: 1 where it holds, 0 where it doesn't, −1 where it's unknown. */
final readonly class OfName implements Test
{
    public function __construct(private int $slot) {}

    public function code(): string
    {
        return '('.Code::slot($this->slot).' == 1)';
    }

    public function fails(): string
    {
        return '('.Code::slot($this->slot).' == 0)';
    }

    public function inTime(): string
    {
        return $this->code();
    }

    public function failsInTime(): string
    {
        return $this->fails();
    }

    public function before(): string
    {
        return '';
    }
}
