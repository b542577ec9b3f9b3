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
     * The first slot of each device, with the fewest moves from today's; what was set by hand stays.
     *
     * @param  int  $slots  how many there are
     * @param  list<array{name: string, block: int, starts: list<int>, today: int|null, byHand?: bool}>  $devices  starts: where its block may start, empty for anywhere
     * @param  list<int>  $taken  slots that nothing may have
     * @return list<int>
     *
     * @throws Refused where nothing fits, with the reason
     */
    public static function plan(int $slots, array $devices, array $taken = []): array
    {
        $wanted = array_sum(array_column($devices, 'block'));
        $there = $slots - count($taken);
        if ($wanted > $there) {
            throw Refused::because(
                'chain',
                "the devices want {$wanted} slots together, and there are {$there}; take one out",
            );
        }
        self::refuseClashes($devices);
        $full = array_replace(array_fill(0, $slots, false), array_fill_keys($taken, true));
        $choices = [];
        foreach ($devices as $index => $device) {
            $last = $slots - $device['block'];
            $may = array_values(array_filter(self::starts($device, $last), fn (int $start): bool => $start <= $last));
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
            $found = self::place($order, $devices, $choices, $full, $moves, $tries);
            if ($found !== null) {
                ksort($found);

                return array_values($found);
            }
        }
        throw Refused::because('chain', self::why($devices, $choices));
    }

    /**
     * @param  array{name: string, block: int, starts: list<int>, today: int|null, byHand?: bool}  $device
     * @return list<int>
     */
    private static function starts(array $device, int $last): array
    {
        return match (true) {
            ($device['byHand'] ?? false) && $device['today'] !== null => [$device['today']],
            $device['starts'] === [] => range(0, max(0, $last)),
            default => $device['starts'],
        };
    }

    /**
     * @param  list<array{name: string, block: int, starts: list<int>, today: int|null, byHand?: bool}>  $devices
     *
     * @throws Refused where two that were set by hand are in each other's way: no plan may move either
     */
    private static function refuseClashes(array $devices): void
    {
        $owner = [];
        foreach ($devices as $device) {
            for ($slot = $device['today'] ?? 0; $slot < ($device['today'] ?? 0) + $device['block']; $slot++) {
                if (! ($device['byHand'] ?? false) || $device['today'] === null) {
                    break;
                }
                if (isset($owner[$slot])) {
                    throw Refused::because(
                        'chain',
                        "{$owner[$slot]} and {$device['name']} were both set by hand, and both have slot {$slot}: ".
                            'set one of them elsewhere, or let the solver place it',
                    );
                }
                $owner[$slot] = $device['name'];
            }
        }
    }

    /**
     * @param  list<int>  $order
     * @param  list<array{name: string, block: int, starts: list<int>, today: int|null, byHand?: bool}>  $devices
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
     * @param  list<array{name: string, block: int, starts: list<int>, today: int|null, byHand?: bool}>  $devices
     * @param  array<int, list<int>>  $choices
     */
    private static function why(array $devices, array $choices): string
    {
        $picky = array_filter($devices, fn (array $one): bool => $one['starts'] !== [] || ($one['byHand'] ?? false));
        $says = array_map(
            fn (int $index, array $one): string => "{$one['name']} ({$one['block']} slots, from ".
                implode(' or ', $choices[$index]).
                ($one['byHand'] ?? false ? ', set by hand)' : ')'),
            array_keys($picky),
            $picky,
        );

        return 'no arrangement fits: '.
            implode('; ', $says).
            ' get in each other\'s way. Clear the defaults, or take one out';
    }
}
