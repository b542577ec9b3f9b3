<?php

namespace DuskSwitch\Core\Signal\Part;

/** Shortens two functions together where they leave a circle; their direction stays. */
final readonly class RingPart implements Part
{
    /**
     * @param  int  $first  slot of the one function's value
     * @param  int  $second  slot of the other's
     */
    public function __construct(private int $first, private int $second, private float $limit) {}

    public function code(): string
    {
        [$a, $b, $limit] = [Code::slot($this->first), Code::slot($this->second), Code::number($this->limit)];

        return "\$x = \\sqrt({$a} * {$a} + {$b} * {$b});\nif (\$x > {$limit}) { {$a} *= {$limit} / \$x; {$b} *= {$limit} / \$x; }\n";
    }

    public function inTime(): string
    {
        return $this->code();
    }
}
