<?php

namespace DuskSwitch\Tools\Bench;

/**
 * The program in full.json, written out by hand: the lower bound for the circuit. It computes what a frame
 * holds, with every number in its place and no generality.
 */
final class ByHand
{
    /**
     * @param  list<float>  $in  in the order of the panel
     * @return array{phase: int, functions: list<float>, signals: list<float>, pulses: array<int, int>, clipped: list<bool>}
     */
    public function frame(array $in): array
    {
        $phase = $in[9] == 0.0 ? 1 : ($in[9] == 1.0 ? 2 : 0);

        $x = $in[0];
        if ($x < 0.02 && $x > -0.02) {
            $x = 0.0;
        } else {
            $x = ($x < 0 ? $x + 0.02 : $x - 0.02) / 0.98;
        }
        if ($phase === 0) {
            $roll = 0.7 * $x + 0.3 * $x * $x * $x;
        } elseif ($phase === 1) {
            $roll = 0.6 * (0.5 * $x + 0.5 * $x * $x * $x);
        } else {
            $roll = 0.9 * $x + 0.1 * $x * $x * $x;
            $roll *= $roll >= 0 ? 1.1 : 1.0;
        }
        $roll += 0.2 * $in[4];
        $roll = $roll > 1.5 ? 1.5 : ($roll < -1.5 ? -1.5 : $roll);

        $x = $in[1];
        if ($x < 0.02 && $x > -0.02) {
            $x = 0.0;
        } else {
            $x = ($x < 0 ? $x + 0.02 : $x - 0.02) / 0.98;
        }
        if ($phase === 0) {
            $pitch = 0.75 * $x + 0.25 * $x * $x * $x;
        } elseif ($phase === 1) {
            $pitch = 0.6 * (0.6 * $x + 0.4 * $x * $x * $x);
        } else {
            $pitch = 0.85 * $x + 0.15 * $x * $x * $x;
            $pitch *= $pitch >= 0 ? 1.1 : 1.0;
        }
        $pitch += 0.2 * $in[5];
        $pitch = $pitch > 1.5 ? 1.5 : ($pitch < -1.5 ? -1.5 : $pitch);

        $x = $in[3];
        if ($x < 0.02 && $x > -0.02) {
            $x = 0.0;
        } else {
            $x = ($x < 0 ? $x + 0.02 : $x - 0.02) / 0.98;
        }
        if ($phase === 0) {
            $yaw = 0.8 * $x + 0.2 * $x * $x * $x;
        } elseif ($phase === 1) {
            $yaw = 0.6 * (0.7 * $x + 0.3 * $x * $x * $x);
        } else {
            $yaw = 0.9 * $x + 0.1 * $x * $x * $x;
            $yaw *= $yaw >= 0 ? 1.1 : 1.0;
        }
        $yaw += 0.2 * $in[7];
        $yaw = $yaw > 1.5 ? 1.5 : ($yaw < -1.5 ? -1.5 : $yaw);

        $ready = $in[8] > 0;
        $cut = $ready ? 1.0 : -1.0;
        $throttle = $ready ? $in[2] : -1.0;
        $flaps = $in[10] > 0.5 ? -0.8 : ($in[10] > -0.5 ? 0.0 : 0.5);

        $signals = $pulses = $clipped = [];

        $sum = -0.7 * $roll + 0.3 * $flaps;
        $clip = false;
        if ($sum > 1.5 || $sum < -1.5) {
            $sum = $sum > 0 ? 1.5 : -1.5;
            $clip = true;
        }
        $s = 0.9765625 * $sum;
        if ($s > 1.5 || $s < -1.5) {
            $s = $s > 0 ? 1.5 : -1.5;
            $clip = true;
        }
        $signals[] = $s;
        $pulses[1] = (int) (1500 + 512 * $s + 0.5);
        $clipped[] = $clip;

        $sum = 0.7 * $roll + 0.3 * $flaps;
        $clip = false;
        if ($sum > 1.5 || $sum < -1.5) {
            $sum = $sum > 0 ? 1.5 : -1.5;
            $clip = true;
        }
        $s = 0.9765625 * $sum;
        if ($s > 1.5 || $s < -1.5) {
            $s = $s > 0 ? 1.5 : -1.5;
            $clip = true;
        }
        $signals[] = $s;
        $pulses[2] = (int) (1500 + 512 * $s + 0.5);
        $clipped[] = $clip;

        $sum = 0.9 * $flaps + -0.25 * $roll;
        $clip = false;
        if ($sum > 1.5 || $sum < -1.5) {
            $sum = $sum > 0 ? 1.5 : -1.5;
            $clip = true;
        }
        $s = -0.9765625 * $sum;
        if ($s > 1.5 || $s < -1.5) {
            $s = $s > 0 ? 1.5 : -1.5;
            $clip = true;
        }
        $signals[] = $s;
        $pulses[3] = (int) (1500 + 512 * $s + 0.5);
        $clipped[] = $clip;

        $sum = 0.9 * $flaps + 0.25 * $roll;
        $clip = false;
        if ($sum > 1.5 || $sum < -1.5) {
            $sum = $sum > 0 ? 1.5 : -1.5;
            $clip = true;
        }
        $s = 0.9765625 * $sum + 0.01;
        if ($s > 1.5 || $s < -1.5) {
            $s = $s > 0 ? 1.5 : -1.5;
            $clip = true;
        }
        $signals[] = $s;
        $pulses[4] = (int) (1500 + 512 * $s + 0.5);
        $clipped[] = $clip;

        $sum = 0.9 * $pitch + 0.06 * $flaps;
        $clip = false;
        if ($sum > 1.5 || $sum < -1.5) {
            $sum = $sum > 0 ? 1.5 : -1.5;
            $clip = true;
        }
        $s = 0.9765625 * $sum;
        if ($s > 1.5 || $s < -1.5) {
            $s = $s > 0 ? 1.5 : -1.5;
            $clip = true;
        }
        $signals[] = $s;
        $pulses[5] = (int) (1500 + 512 * $s + 0.5);
        $clipped[] = $clip;

        $sum = 0.8 * $yaw + 0.2 * $roll;
        $clip = false;
        if ($sum > 1.5 || $sum < -1.5) {
            $sum = $sum > 0 ? 1.5 : -1.5;
            $clip = true;
        }
        $s = -0.9765625 * $sum;
        if ($s > 1.5 || $s < -1.5) {
            $s = $s > 0 ? 1.5 : -1.5;
            $clip = true;
        }
        $signals[] = $s;
        $pulses[6] = (int) (1500 + 512 * $s + 0.5);
        $clipped[] = $clip;

        $sum = $throttle;
        $clip = false;
        if ($sum > 1.5 || $sum < -1.5) {
            $sum = $sum > 0 ? 1.5 : -1.5;
            $clip = true;
        }
        $s = 0.9765625 * $sum;
        if ($s > 1.5 || $s < -1.5) {
            $s = $s > 0 ? 1.5 : -1.5;
            $clip = true;
        }
        $signals[] = $s;
        $pulses[7] = (int) (1500 + 512 * $s + 0.5);
        $clipped[] = $clip;

        $sum = 0.5 * $pitch + 0.5 * $yaw;
        $clip = false;
        if ($sum > 1.5 || $sum < -1.5) {
            $sum = $sum > 0 ? 1.5 : -1.5;
            $clip = true;
        }
        $s = 0.9765625 * $sum + 0.01;
        if ($s > 1.5 || $s < -1.5) {
            $s = $s > 0 ? 1.5 : -1.5;
            $clip = true;
        }
        $signals[] = $s;
        $pulses[8] = (int) (1500 + 512 * $s + 0.5);
        $clipped[] = $clip;

        $sum = 0.5 * $pitch + -0.5 * $yaw;
        $clip = false;
        if ($sum > 1.5 || $sum < -1.5) {
            $sum = $sum > 0 ? 1.5 : -1.5;
            $clip = true;
        }
        $s = -0.9765625 * $sum;
        if ($s > 1.5 || $s < -1.5) {
            $s = $s > 0 ? 1.5 : -1.5;
            $clip = true;
        }
        $signals[] = $s;
        $pulses[9] = (int) (1500 + 512 * $s + 0.5);
        $clipped[] = $clip;

        $sum = $cut;
        $clip = false;
        if ($sum > 1.5 || $sum < -1.5) {
            $sum = $sum > 0 ? 1.5 : -1.5;
            $clip = true;
        }
        $s = 0.9765625 * $sum;
        if ($s > 1.5 || $s < -1.5) {
            $s = $s > 0 ? 1.5 : -1.5;
            $clip = true;
        }
        $signals[] = $s;
        $pulses[10] = (int) (1500 + 512 * $s + 0.5);
        $clipped[] = $clip;

        $sum = $flaps;
        $clip = false;
        if ($sum > 1.5 || $sum < -1.5) {
            $sum = $sum > 0 ? 1.5 : -1.5;
            $clip = true;
        }
        $s = 0.9765625 * $sum;
        if ($s > 1.5 || $s < -1.5) {
            $s = $s > 0 ? 1.5 : -1.5;
            $clip = true;
        }
        $signals[] = $s;
        $pulses[11] = (int) (1500 + 512 * $s + 0.5);
        $clipped[] = $clip;

        $sum = $in[15];
        $clip = false;
        if ($sum > 1.5 || $sum < -1.5) {
            $sum = $sum > 0 ? 1.5 : -1.5;
            $clip = true;
        }
        $s = -0.9765625 * $sum + 0.01;
        if ($s > 1.5 || $s < -1.5) {
            $s = $s > 0 ? 1.5 : -1.5;
            $clip = true;
        }
        $signals[] = $s;
        $pulses[12] = (int) (1500 + 512 * $s + 0.5);
        $clipped[] = $clip;

        $sum = $in[16];
        $clip = false;
        if ($sum > 1.5 || $sum < -1.5) {
            $sum = $sum > 0 ? 1.5 : -1.5;
            $clip = true;
        }
        $s = 0.9765625 * $sum;
        if ($s > 1.5 || $s < -1.5) {
            $s = $s > 0 ? 1.5 : -1.5;
            $clip = true;
        }
        $signals[] = $s;
        $pulses[13] = (int) (1500 + 512 * $s + 0.5);
        $clipped[] = $clip;

        $sum = $in[17];
        $clip = false;
        if ($sum > 1.5 || $sum < -1.5) {
            $sum = $sum > 0 ? 1.5 : -1.5;
            $clip = true;
        }
        $s = 0.9765625 * $sum;
        if ($s > 1.5 || $s < -1.5) {
            $s = $s > 0 ? 1.5 : -1.5;
            $clip = true;
        }
        $signals[] = $s;
        $pulses[14] = (int) (1500 + 512 * $s + 0.5);
        $clipped[] = $clip;

        $sum = $in[18];
        $clip = false;
        if ($sum > 1.5 || $sum < -1.5) {
            $sum = $sum > 0 ? 1.5 : -1.5;
            $clip = true;
        }
        $s = -0.9765625 * $sum;
        if ($s > 1.5 || $s < -1.5) {
            $s = $s > 0 ? 1.5 : -1.5;
            $clip = true;
        }
        $signals[] = $s;
        $pulses[15] = (int) (1500 + 512 * $s + 0.5);
        $clipped[] = $clip;

        $sum = 0.9 * $throttle + 0.1 * $yaw;
        $clip = false;
        if ($sum > 1.5 || $sum < -1.5) {
            $sum = $sum > 0 ? 1.5 : -1.5;
            $clip = true;
        }
        $s = 0.9765625 * $sum + 0.01;
        if ($s > 1.5 || $s < -1.5) {
            $s = $s > 0 ? 1.5 : -1.5;
            $clip = true;
        }
        $signals[] = $s;
        $pulses[16] = (int) (1500 + 512 * $s + 0.5);
        $clipped[] = $clip;

        return [
            'phase' => $phase,
            'functions' => [$roll, $pitch, $yaw, $throttle, $cut, $flaps, $in[15], $in[16], $in[17], $in[18]],
            'signals' => $signals,
            'pulses' => $pulses,
            'clipped' => $clipped,
        ];
    }
}
