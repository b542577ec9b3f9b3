<?php

namespace DuskSwitch\Core\Kit;

/**
 * Which gimbal commands which axis: the four stick modes (common practice).
 */
enum StickMode: int
{
    case One = 1;
    case Two = 2;
    case Three = 3;
    case Four = 4;

    /** As a pilot says it: "2: left throttle and yaw, right pitch and roll". */
    public function title(): string
    {
        $axes = array_map(fn (Axis $axis): string => $axis->value, $this->axes());

        return "{$this->value}: left {$axes['left-y']} and {$axes['left-x']}, right {$axes['right-y']} and {$axes['right-x']}";
    }

    /**
     * The axes, keyed by where they are moved: left-y (left stick up and down), left-x, right-y, right-x.
     *
     * @return array{left-y: Axis, left-x: Axis, right-y: Axis, right-x: Axis}
     */
    public function axes(): array
    {
        return match ($this) {
            self::One => [
                'left-y' => Axis::Pitch,
                'left-x' => Axis::Yaw,
                'right-y' => Axis::Throttle,
                'right-x' => Axis::Roll,
            ],
            self::Two => [
                'left-y' => Axis::Throttle,
                'left-x' => Axis::Yaw,
                'right-y' => Axis::Pitch,
                'right-x' => Axis::Roll,
            ],
            self::Three => [
                'left-y' => Axis::Pitch,
                'left-x' => Axis::Roll,
                'right-y' => Axis::Throttle,
                'right-x' => Axis::Yaw,
            ],
            self::Four => [
                'left-y' => Axis::Throttle,
                'left-x' => Axis::Roll,
                'right-y' => Axis::Pitch,
                'right-x' => Axis::Yaw,
            ],
        };
    }
}
