<?php

namespace DuskSwitch\Core\Signal\Part;

/** A stepped function on a switch or button: detent by detent. Its step stands in the slot after its value. */
final readonly class DetentPart implements Part
{
    /**
     * @param  int  $input  slot of the control: −1, 0 or 1
     * @param  array<int, int>  $steps  step by detent: 0 toward, 1 middle, 2 away
     * @param  list<float>  $values  by step
     */
    public function __construct(private int $slot, private int $input, private array $steps, private array $values)
    {
    }

    public function run(array &$v): void
    {
        $step = $this->steps[(int) $v[$this->input] + 1];
        $v[$this->slot] = $this->values[$step];
        $v[$this->slot + 1] = $step;
    }
}
