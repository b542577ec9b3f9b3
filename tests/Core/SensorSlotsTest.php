<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Solve\SensorSlots;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Devices on a transmitter with 32 fixed slots. */
final class SensorSlotsTest extends TestCase
{
    /**
     * @param  list<int>  $starts
     * @return array{name: string, block: int, starts: list<int>, today: int|null}
     */
    private static function device(string $name, int $block, array $starts = [], ?int $today = null): array
    {
        return ['name' => $name, 'block' => $block, 'starts' => $starts, 'today' => $today];
    }

    public function test_an_eight_slot_block_at_16_and_a_current_sensor_behind_it(): void
    {
        // Common practice: the block fills 16 to 23, the current sensor then takes 24 to 26.
        self::assertSame(
            [16, 24],
            SensorSlots::plan(32, [
                self::device('Speed controller', 8, [16, 24]),
                self::device('Current', 3, [16, 24]),
            ]),
        );
    }

    public function test_defaults_must_be_cleared_first(): void
    {
        $told = function (): string {
            try {
                SensorSlots::plan(32, [self::device('Defaults', 32), self::device('Current', 3, [24])]);
            } catch (Refused $refused) {
                return $refused->getMessage();
            }
            self::fail('it was planned');
        };

        self::assertStringContainsString('the devices want 35 slots together, and there are 32', $told());
    }

    public function test_whoever_need_not_move_stays(): void
    {
        $plan = SensorSlots::plan(32, [
            self::device('Variometer', 8, [0, 8, 16, 24], 8),
            self::device('New', 8, [8, 16]),
            self::device('GPS', 8, [0, 8, 16, 24], 0),
        ]);

        self::assertSame([8, 16, 0], $plan);
        self::assertSame(
            [16, 8],
            SensorSlots::plan(32, [self::device('Moves', 8, [24, 16, 8], 8), self::device('Must be at 8', 8, [8])]),
            'to the lowest place',
        );
        self::assertSame([0], SensorSlots::plan(32, [self::device('Fills all', 32)]));
        self::assertSame(
            [24, 8],
            SensorSlots::plan(32, [self::device('Moves', 8, [8, 24], 8), self::device('Must be at 8', 8, [8])]),
        );
    }

    public function test_what_cannot_fit_is_told_with_the_reason(): void
    {
        try {
            SensorSlots::plan(32, [
                self::device('One', 8, [0, 8]),
                self::device('Two', 8, [0, 8]),
                self::device('Three', 8, [0, 8]),
            ]);
            self::fail('it was planned');
        } catch (Refused $refused) {
            self::assertStringContainsString('no arrangement fits: One (8 slots, from 0 or 8)', $refused->getMessage());
        }
        $this->expectExceptionMessage('Huge takes 16 slots and may start at 24: no such run ends before slot 32');
        SensorSlots::plan(32, [self::device('Huge', 16, [24])]);
    }

    public function test_every_plan_keeps_the_rules_and_moves_no_more_than_brute_force(): void
    {
        $random = new Randomizer(new Mt19937(11));
        $planned = 0;
        for ($try = 0; $try < 300; $try++) {
            $devices = [];
            for ($i = 0, $count = $random->getInt(1, 3); $i < $count; $i++) {
                $starts =
                    $random->getInt(0, 1) === 0
                        ? []
                        : array_values(array_unique([$random->getInt(0, 7), $random->getInt(0, 7)]));
                $devices[] = self::device(
                    "Device {$i}",
                    $random->getInt(1, 5),
                    $starts,
                    $random->getInt(0, 2) === 0 ? null : $random->getInt(0, 7),
                );
            }
            $best = self::bruteForce(10, $devices);
            try {
                $plan = SensorSlots::plan(10, $devices);
            } catch (Refused) {
                self::assertNull($best, 'the solver missed a plan for '.json_encode($devices));

                continue;
            }
            $planned++;
            self::assertTrue(self::isValid(10, $devices, $plan), (string) json_encode([$devices, $plan]));
            self::assertSame($best, self::moves($devices, $plan), (string) json_encode([$devices, $plan]));
        }
        self::assertGreaterThan(100, $planned);
    }

    /**
     * @param  list<array{name: string, block: int, starts: list<int>, today: int|null}>  $devices
     * @param  list<int>  $plan
     */
    private static function isValid(int $slots, array $devices, array $plan): bool
    {
        $taken = [];
        foreach ($devices as $index => $device) {
            for ($slot = $plan[$index]; $slot < $plan[$index] + $device['block']; $slot++) {
                if ($slot >= $slots || isset($taken[$slot])) {
                    return false;
                }
                $taken[$slot] = true;
            }
            if ($device['starts'] !== [] && ! in_array($plan[$index], $device['starts'], true)) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  list<array{name: string, block: int, starts: list<int>, today: int|null}>  $devices
     * @param  list<int>  $plan
     */
    private static function moves(array $devices, array $plan): int
    {
        return count(
            array_filter(
                array_keys($devices),
                fn (int $i): bool => $devices[$i]['today'] !== null && $devices[$i]['today'] !== $plan[$i],
            ),
        );
    }

    /**
     * @param  list<array{name: string, block: int, starts: list<int>, today: int|null}>  $devices
     * @param  list<int>  $plan
     */
    private static function bruteForce(int $slots, array $devices, array $plan = []): ?int
    {
        if (count($plan) === count($devices)) {
            return self::isValid($slots, $devices, $plan) ? self::moves($devices, $plan) : null;
        }
        $found = array_filter(
            array_map(
                fn (int $start): ?int => self::bruteForce($slots, $devices, [...$plan, $start]),
                range(0, $slots - 1),
            ),
            fn (?int $one): bool => $one !== null,
        );

        return $found === [] ? null : min($found);
    }
}
