<?php

namespace DuskSwitch\Core\Video;

/** What several transmitters make together: third-order products, 2·f1 − f2 of two and f1 + f2 − f3 of three. */
final class Intermodulation
{
    /** MHz within which a product, or another transmitter, disturbs a channel (common practice). */
    public const NEAR = 20.0;

    /**
     * The third-order products of some transmitters that fall near another of them.
     *
     * @param  list<float>  $frequencies  MHz
     * @return list<array{product: float, of: list<int>, disturbs: int, off: float}>
     */
    public static function products(array $frequencies): array
    {
        $found = [];
        $count = count($frequencies);
        for ($victim = 0; $victim < $count; $victim++) {
            for ($a = 0; $a < $count; $a++) {
                for ($b = $a; $b < $count; $b++) {
                    for ($c = 0; $c < $count; $c++) {
                        // A product with its own frequency taken off again is the other one itself.
                        if ($c === $a || $c === $b || in_array($victim, [$a, $b, $c], true)) {
                            continue;
                        }
                        $product = $frequencies[$a] + $frequencies[$b] - $frequencies[$c];
                        $off = abs($product - $frequencies[$victim]);
                        if ($off < self::NEAR) {
                            $found[] = [
                                'product' => $product,
                                'of' => $a === $b ? [$a, $c] : [$a, $b, $c],
                                'disturbs' => $victim,
                                'off' => $off,
                            ];
                        }
                    }
                }
            }
        }

        return $found;
    }

    /**
     * How many products near a channel there are more with one transmitter more: those that it takes part in, and
     * those that disturb it; and transmitters that are too near.
     *
     * @param  list<float>  $used
     */
    public static function added(array $used, float $new): int
    {
        $count = count($used);
        $near = 0;
        for ($a = 0; $a < $count; $a++) {
            // Two that are nearer than that disturb each other directly.
            $near += abs($used[$a] - $new) < self::NEAR ? 1 : 0;
            for ($b = 0; $b < $count; $b++) {
                if ($a === $b) {
                    continue;
                }
                // Of two with it as the victim; of it and one, either way round, with another as the victim.
                $near += abs(2 * $used[$a] - $used[$b] - $new) < self::NEAR ? 1 : 0;
                $near += abs(2 * $used[$a] - $new - $used[$b]) < self::NEAR ? 1 : 0;
                $near += abs(2 * $new - $used[$a] - $used[$b]) < self::NEAR ? 1 : 0;
                for ($c = 0; $c < $count; $c++) {
                    if ($c === $a || $c === $b) {
                        continue;
                    }
                    $near += $a < $b && abs($used[$a] + $used[$b] - $used[$c] - $new) < self::NEAR ? 1 : 0;
                    $near += $a < $b && abs($used[$a] + $used[$b] - $new - $used[$c]) < self::NEAR ? 1 : 0;
                    $near += abs($new + $used[$a] - $used[$b] - $used[$c]) < self::NEAR ? 1 : 0;
                }
            }
        }

        return $near;
    }
}
