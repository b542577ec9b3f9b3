<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Tools\Bench\ByHand;
use DuskSwitch\Tools\Bench\FrameBench;
use DuskSwitch\Tools\Bench\PetrelByHand;
use DuskSwitch\Tools\Bench\RookByHand;
use PHPUnit\Framework\TestCase;

/** The lower bounds of the bench are the same programs, written out by hand: they stay the same when those change. */
final class WrittenByHandTest extends TestCase
{
    public function test_a_full_program_gives_what_is_written_by_hand(): void
    {
        [, $hands] = FrameBench::full(new ByHand());

        self::assertCount(64, $hands);
    }

    public function test_two_demo_aircraft_give_it_in_every_tick(): void
    {
        foreach (['petrel' => new PetrelByHand(), 'rook' => new RookByHand()] as $demo => $byHand) {
            [, $hands] = FrameBench::demo($demo, $byHand, 3000);
            self::assertCount(3000, $hands);
        }
    }
}
