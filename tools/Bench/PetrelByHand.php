<?php

namespace DuskSwitch\Tools\Bench;

/** Petrel tick by tick, written out by hand: the lower bound for its circuit in time. */
final class PetrelByHand
{
    private const EXPO = [[0.3, 0.2, 0.4, 0.3], [0.3, 0.25, 0.4, 0.35]];

    private const RATE = [[1.0, 1.0, 0.8, 0.9], [0.8, 1.0, 0.6, 0.7]];

    private Shares $shares;

    public function __construct()
    {
        $this->shares = new Shares([0.0, 0.5, 1.0, 1.0]);
    }

    /**
     * @param  list<float>  $in  in the order of the panel
     * @return list<int> pulses of channels 1 to 7
     */
    public function tick(array $in): array
    {
        $lever = $in[16];
        $brake = $lever >= -0.1 ? 0.0 : ($lever + 0.1) / -0.9;
        $phase = $brake > 0.3 ? 1 : ($in[11] == 1.0 ? 2 : ($in[11] == 0.0 ? 3 : 0));
        $this->shares->move($phase);
        $roll = $this->shaped(0, $in[0], $phase) + 0.2 * $in[4];
        $pitch = $this->shaped(1, $in[1], $phase) + 0.2 * $in[5];
        $x = $in[3];
        $yaw = 0.8 * $x + 0.2 * $x * $x * $x + 0.2 * $in[7];
        $throttle = $in[9] != 1.0 || $brake > 0.1 ? -1.0 : $in[2];
        $camber = $phase === 1 ? 0.15 : ($phase === 2 ? 0.4 : ($phase === 3 ? 0.25 : 0.0));

        return [
            self::pulse($roll * ($roll >= 0 ? 0.6 : 0.8) + 0.6 * $camber - 0.5 * $brake, 1.25, 0.0),
            self::pulse($roll * ($roll >= 0 ? -0.8 : -0.6) + 0.6 * $camber - 0.5 * $brake, 1.25, 0.0),
            self::pulse($camber + 0.25 * $roll + 0.9 * $brake, 1.25, 0.0),
            self::pulse($camber - 0.25 * $roll + 0.9 * $brake, 1.25, 0.0),
            self::pulse($pitch + 0.18 * $brake + 0.06 * $camber, 1.0, 0.02),
            self::pulse($phase === 2 ? $yaw : $yaw + 0.35 * $roll, 1.1, 0.0),
            self::pulse($throttle, 1.25, 0.0),
        ];
    }

    private function shaped(int $axis, float $x, int $phase): float
    {
        if ($this->shares->left <= 0.0) {
            $expo = self::EXPO[$axis][$phase];

            return ((1 - $expo) * $x + $expo * $x * $x * $x) * self::RATE[$axis][$phase];
        }
        $sum = 0.0;
        foreach ($this->shares->of as $one => $share) {
            if ($share > 0.0) {
                $expo = self::EXPO[$axis][$one];
                $sum += $share * ((1 - $expo) * $x + $expo * $x * $x * $x) * self::RATE[$axis][$one];
            }
        }

        return $sum;
    }

    private static function pulse(float $sum, float $travel, float $subtrim): int
    {
        $sum = $sum > 1.5 ? 1.5 : ($sum < -1.5 ? -1.5 : $sum);
        $signal = $sum * $travel + $subtrim;
        $signal = $signal > 1.5 ? 1.5 : ($signal < -1.5 ? -1.5 : $signal);

        return (int) (1500.0 + 400.0 * $signal + 0.5);
    }
}
