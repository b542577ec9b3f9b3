<?php

namespace DuskSwitch\Tools\Bench;

/** A measurement: what, the number, the lower bound of the same run, the ratio and the aim, and whether it is met. */
final readonly class Row
{
    public function __construct(
        public string $what,
        public string $number,
        public string $bound,
        public string $ratio,
        public string $aim,
        public bool $met,
    ) {}

    public function print(): void
    {
        printf(
            "%-44s %14s %26s %8s   %s%s\n",
            $this->what,
            $this->number,
            $this->bound,
            $this->ratio,
            $this->aim,
            $this->met ? '' : '   ▲ missed',
        );
    }
}
