<?php

namespace DuskSwitch\Core\Solve;

use DuskSwitch\Core\Fault\Refused;

/**
 * How a controller's board is mounted, from the way its picture moves when the aircraft is turned by hand. A
 * turned board is set in the controller's alignment; the channels are not reversed for it (common practice).
 */
final readonly class BoardTurn
{
    private function __construct(public int $yaw, public bool $flipped) {}

    /**
     * The mounting that explains what was seen.
     *
     * @param  array{string, bool}  $roll  rolling the aircraft to the right: what the picture does (roll, pitch or
     *              yaw), and true where it goes the positive way
     * @param  array{string, bool}  $pitch  nose up
     * @param  array{string, bool}  $yaw  nose to the right
     *
     * @throws Refused where no mounting flat on the frame explains it
     */
    public static function explain(array $roll, array $pitch, array $yaw): self
    {
        foreach ([false, true] as $flipped) {
            foreach ([0, 90, 180, 270] as $degrees) {
                if (self::picture($degrees, $flipped) == [$roll, $pitch, $yaw]) {
                    return new self($degrees, $flipped);
                }
            }
        }
        throw Refused::because(
            'seen',
            'no board that lies flat on the frame does that. Move one axis at a time and look again; if it stays so, '.
                'the board stands on edge, or a wire of its sensor is off',
        );
    }

    /**
     * What the picture does for roll, pitch and yaw of the aircraft, with the board turned about its vertical by
     * that angle and, where flipped, lying on its back: rotation of axes, x forward, y right, z down.
     *
     * @return array{array{string, bool}, array{string, bool}, array{string, bool}}
     */
    public static function picture(int $yaw, bool $flipped): array
    {
        [$cos, $sin] = [(int) round(cos(deg2rad($yaw))), (int) round(sin(deg2rad($yaw)))];
        // The board's axes in the frame: x' = (cos, sin, 0), y' = (−sin, cos, 0), z' = (0, 0, 1); on its back y and z
        // turn over.
        $over = $flipped ? -1 : 1;
        $axes = ['roll' => [$cos, $sin, 0], 'pitch' => [-$sin * $over, $cos * $over, 0], 'yaw' => [0, 0, $over]];
        $seen = [];
        foreach ([0, 1, 2] as $rate) {
            foreach ($axes as $name => $axis) {
                if ($axis[$rate] !== 0) {
                    $seen[] = [$name, $axis[$rate] > 0];
                }
            }
        }

        return [$seen[0], $seen[1], $seen[2]];
    }

    /** What to do, in words. */
    public function says(): string
    {
        if ($this->yaw === 0 && ! $this->flipped) {
            return 'The board lies as it should: picture and aircraft move alike.';
        }

        return 'The board is mounted '.
            ($this->flipped ? 'on its back' : 'flat').
            ($this->yaw === 0 ? '' : " and turned by {$this->yaw}° in yaw").
            ': set that alignment in the controller. Don\'t reverse channels for it.';
    }
}
