<?php

namespace DuskSwitch\StandIn;

use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Kit\Motor;
use DuskSwitch\Core\Link\ControllerPort;

/**
 * A controller to practise on. It reads a little beside what is sent, as real ones do, each channel its own way; and
 * its aircraft was built with the usual mistakes. What a pilot mends in the program stays mended.
 */
final readonly class SimulatedController implements ControllerPort
{
    /** Readings seen at the centre are 1493, 1520 and 1530 (common practice). */
    private const BESIDE = [-7.0, 20.0, 0.0, 30.0];

    private const TREMBLES = [1.0, 0.0, 0.0, 2.0];

    /** Some need roll and yaw reversed (common practice). */
    private const REVERSED = [Axis::Roll, Axis::Yaw];

    public function reads(int $channel, float $pulse): array
    {
        $like = ($channel - 1) % count(self::BESIDE);
        $read = $pulse + self::BESIDE[$like];

        return [$read - self::TREMBLES[$like], $read + self::TREMBLES[$like]];
    }

    public function answers(array $order, int $channel, bool $reversed): ?array
    {
        $axis = Axis::tryFrom($order[$channel - 1] ?? '');

        return $axis === null ? null : [$axis, in_array($axis, self::REVERSED, true) === $reversed];
    }

    public function boardYaw(): int
    {
        return 180;
    }

    public function spins(Motor $motor, array $drawn): array
    {
        // Two were soldered in each other's place; one turns the wrong way; the last has a wire off.
        $places = array_column($drawn, 'place', 'number');
        $place = match ($motor->number) {
            1 => $places[2] ?? $motor->place,
            2 => $places[1] ?? $motor->place,
            default => $motor->place,
        };

        return [
            $place,
            $motor->number === 4
                ? 'jitters'
                : ($motor->clockwise !== ($motor->number === 3)
                    ? 'clockwise'
                    : 'counter-clockwise'),
        ];
    }

    public function turnsRight(int $channel, bool $reversed): bool
    {
        return ($channel % 2 === 0) === $reversed;
    }
}
