<?php

namespace DuskSwitch\Core\Solve;

use DuskSwitch\Core\Fault\Refused;

/**
 * Devices on a transmitter with fixed slots: each takes a run of neighbours, and some start only at certain ones
 * (common practice).
 */
final class SensorSlots
{
    /** More tries than this are not made; the devices that fit are few. */
    private const TRIES = 200_000;

    /**
     * The first slot of each device, with the fewest moves from today's.
     *
     * @param  int  $slots  how many there are
     * @param  list<array{name: string, block: int, starts: list<int>, today: int|null}>  $devices  starts: where its block may start, empty for anywhere
     * @return list<int>
     *
     * @throws Refused where nothing fits, with the reason
     */
    public static function plan(int $slots, array $devices): array
    {
        $wanted = array_sum(array_column($devices, 'block'));
        if ($wanted > $slots) {
            throw Refused::because(
                'chain',
                "the devices want {$wanted} slots together, and there are {$slots}; take one out",
            );
        }
        $choices = [];
        foreach ($devices as $index => $device) {
            $last = $slots - $device['block'];
            $may = array_values(
                array_filter(
                    $device['starts'] === [] ? range(0, max(0, $last)) : $device['starts'],
                    fn (int $start): bool => $start <= $last,
                ),
            );
            if ($may === []) {
                throw Refused::because(
                    'chain',
                    "{$device['name']} takes {$device['block']} slots and may start at ".
                        (implode(', ', $device['starts']) ?: 'any').
                        ": no such run ends before slot {$slots}",
                );
            }
            // Where it is today comes first: whoever needn't move doesn't.
            usort($may, fn (int $a, int $b): int => [$a !== $device['today'], $a] <=> [$b !== $device['today'], $b]);
            $choices[$index] = $may;
        }
        // Those with the fewest choices first: a dead end shows early.
        $order = array_keys($devices);
        usort(
            $order,
            fn (int $a, int $b): int => [count($choices[$a]), -$devices[$a]['block']] <=> [
                count($choices[$b]),
                -$devices[$b]['block'],
            ],
        );
        $tries = 0;
        for ($moves = 0; $moves <= count($devices); $moves++) {
            $found = self::place($order, $devices, $choices, array_fill(0, $slots, false), $moves, $tries);
            if ($found !== null) {
                ksort($found);

                return array_values($found);
            }
        }
        throw Refused::because('chain', self::why($devices, $choices));
    }

    /**
     * @param  list<int>  $order
     * @param  list<array{name: string, block: int, starts: list<int>, today: int|null}>  $devices
     * @param  array<int, list<int>>  $choices
     * @param  array<int, bool>  $taken
     * @param  int  $moves  how many devices may still leave their place
     * @return array<int, int>|null
     */
    private static function place(
        array $order,
        array $devices,
        array $choices,
        array $taken,
        int $moves,
        int &$tries,
    ): ?array {
        if ($order === []) {
            return [];
        }
        [$index, $rest] = [$order[0], array_slice($order, 1)];
        $device = $devices[$index];
        foreach ($choices[$index] as $start) {
            $cost = $device['today'] === null || $device['today'] === $start ? 0 : 1;
            $run = array_slice($taken, $start, $device['block']);
            if ($cost > $moves || in_array(true, $run, true)) {
                continue;
            }
            if ($tries++ > self::TRIES) {
                return null;
            }
            $found = self::place(
                $rest,
                $devices,
                $choices,
                array_replace($taken, array_fill($start, $device['block'], true)),
                $moves - $cost,
                $tries,
            );
            if ($found !== null) {
                return [$index => $start] + $found;
            }
        }

        return null;
    }

    /**
     * @param  list<array{name: string, block: int, starts: list<int>, today: int|null}>  $devices
     * @param  array<int, list<int>>  $choices
     */
    private static function why(array $devices, array $choices): string
    {
        $picky = array_filter($devices, fn (array $one): bool => $one['starts'] !== []);
        $says = array_map(
            fn (int $index, array $one): string => "{$one['name']} ({$one['block']} slots, from ".
                implode(' or ', $choices[$index]).
                ')',
            array_keys($picky),
            $picky,
        );

        return 'no arrangement fits: '.
            implode('; ', $says).
            ' get in each other\'s way. Clear the defaults, or take one out';
    }
}
