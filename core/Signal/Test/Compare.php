<?php

namespace DuskSwitch\Core\Signal\Test;

use DuskSwitch\Core\Signal\Part\Code;

/** A slot against a number. */
final readonly class Compare implements Test
{
    /** @param  '>'|'<'|'=='  $how */
    private function __construct(private int $slot, private string $how, private float|int $with) {}

    /** The slot is above a level, not at it. */
    public static function above(int $slot, float $level): self
    {
        return new self($slot, '>', $level);
    }

    /** The slot is below a level, not at it. */
    public static function below(int $slot, float $level): self
    {
        return new self($slot, '<', $level);
    }

    /** The slot holds exactly this: a detent, a step, a phase. */
    public static function equals(int $slot, float|int $value): self
    {
        return new self($slot, '==', $value);
    }

    public function inTime(): string
    {
        return $this->code();
    }

    public function fails(): string
    {
        return "(! {$this->code()})";
    }

    public function failsInTime(): string
    {
        return $this->fails();
    }

    public function before(): string
    {
        return '';
    }

    public function code(): string
    {
        return '('.Code::slot($this->slot)." {$this->how} ".Code::number($this->with).')';
    }
}
