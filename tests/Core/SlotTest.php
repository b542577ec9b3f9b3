<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Kit\Slot;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A controller's range on a channel: its lower edge belongs to it, its upper one to the next. */
final class SlotTest extends TestCase
{
    /** @return list<array{int, bool, int}> pulse, inside, µs to the nearer edge */
    public static function pulses(): array
    {
        return [
            [1299, false, -1],
            [1300, true, 0],
            [1301, true, 1],
            [1500, true, 200],
            [1699, true, 1],
            [1700, false, 0],
            [1701, false, -1],
            [2000, false, -300],
        ];
    }

    #[DataProvider('pulses')]
    public function test_a_pulse_is_in_or_out(int $pulse, bool $inside, int $margin): void
    {
        $slot = new Slot(mode: 'come-home', channel: 6, from: 1300, to: 1700);

        self::assertSame($inside, $slot->holds($pulse));
        self::assertSame($margin, $slot->margin($pulse));
        self::assertSame(1500.0, $slot->middle());
    }

    /** @return array<string, array{int, int, int, bool}> */
    public static function others(): array
    {
        return [
            'next to it' => [6, 1700, 2100, false],
            'before it' => [6, 900, 1300, false],
            'one µs shared' => [6, 1699, 2100, true],
            'inside it' => [6, 1400, 1500, true],
            'around it' => [6, 900, 2100, true],
            'on another channel' => [7, 1300, 1700, false],
        ];
    }

    #[DataProvider('others')]
    public function test_two_slots_share_pulses_or_not(int $channel, int $from, int $to, bool $shares): void
    {
        $slot = new Slot(mode: 'come-home', channel: 6, from: 1300, to: 1700);
        $other = new Slot(mode: 'free', channel: $channel, from: $from, to: $to);

        self::assertSame([$shares, $shares], [$slot->overlaps($other), $other->overlaps($slot)]);
    }
}
