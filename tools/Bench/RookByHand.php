<?php

namespace DuskSwitch\Tools\Bench;

/** Rook tick by tick, written out by hand: the lower bound for its circuit in time. */
final class RookByHand
{
    private const EXPO = [0.5, 0.4, 0.4, 0.2];

    private Shares $shares;

    public function __construct()
    {
        $this->shares = new Shares([0.0, 0.0, 2.0, 2.0]);
    }

    /**
     * @param  list<float>  $in  in the order of the panel
     * @return list<int> pulses of channels 1 to 8
     */
    public function tick(array $in): array
    {
        $held = $in[8] != 1.0;
        $style = $in[9];
        $phase = $held ? 1 : ($style == 0.0 ? 2 : ($style == 1.0 ? 3 : 0));
        $this->shares->move($phase);
        [$roll, $pitch, $yaw] = [
            $this->cyclic($in[0], $phase),
            $this->cyclic($in[1], $phase),
            $this->cyclic($in[3], $phase),
        ];
        $x = $in[2];
        $gentle = $x < -0.9 ? -1.0 + ($x + 1.0) * 14.0 : 0.4;
        $floor = $x < 0.0 ? -0.4 + ($x + 1.0) * 0.4 : $x;
        if ($this->shares->left <= 0.0) {
            $throttle = $phase === 2 ? 0.5 : ($phase === 3 ? 0.6 : $gentle);
            $collective = $phase === 0 ? $floor : $x;
        } else {
            [$a, $b, $c, $d] = $this->shares->of;
            $throttle = ($a + $b) * $gentle + $c * 0.5 + $d * 0.6;
            $collective = $a * $floor + ($b + $c + $d) * $x;
        }

        return [
            self::pulse($roll),
            self::pulse($pitch),
            self::pulse($held ? -1.0 : $throttle),
            self::pulse($yaw),
            self::pulse(0.57),
            self::pulse($collective),
            self::pulse($style),
            self::pulse($in[14] == 1.0 ? 1.0 : -1.0),
        ];
    }

    private function cyclic(float $x, int $phase): float
    {
        if ($this->shares->left <= 0.0) {
            $expo = self::EXPO[$phase];

            return (1 - $expo) * $x + $expo * $x * $x * $x;
        }
        $sum = 0.0;
        foreach ($this->shares->of as $one => $share) {
            if ($share > 0.0) {
                $expo = self::EXPO[$one];
                $sum += $share * ((1 - $expo) * $x + $expo * $x * $x * $x);
            }
        }

        return $sum;
    }

    private static function pulse(float $sum): int
    {
        $sum = $sum > 1.5 ? 1.5 : ($sum < -1.5 ? -1.5 : $sum);
        $signal = $sum * 0.9765625;
        $signal = $signal > 1.5 ? 1.5 : ($signal < -1.5 ? -1.5 : $signal);

        return (int) (1500.0 + 512.0 * $signal + 0.5);
    }
}
