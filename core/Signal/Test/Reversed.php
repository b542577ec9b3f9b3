<?php

namespace DuskSwitch\Core\Signal\Test;

/** A test that must not hold. */
final readonly class Reversed implements Test
{
    public function __construct(private Test $of) {}

    public function code(): string
    {
        return $this->of->fails();
    }

    public function inTime(): string
    {
        return $this->of->failsInTime();
    }

    public function fails(): string
    {
        return $this->of->code();
    }

    public function failsInTime(): string
    {
        return $this->of->inTime();
    }

    public function before(): string
    {
        return $this->of->before();
    }
}
