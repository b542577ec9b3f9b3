<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Airframe\MixWords;
use DuskSwitch\Core\Airframe\Picture;
use DuskSwitch\Core\Program\Role;
use PHPUnit\Framework\TestCase;

/** What feeds what, in words, on the aircraft's parts. */
final class MixWordsTest extends TestCase
{
    /** @return array<int, list<string>> */
    private static function words(string $demo): array
    {
        $circuit = Given::circuit(Given::demo($demo));

        return (new MixWords($circuit->program, $circuit->panel->transmitter))->outputs();
    }

    public function test_surfaces_go_up_and_down_a_rudder_left_and_right(): void
    {
        $petrel = self::words('petrel');

        self::assertSame(
            [
                'Roll: right 60 % down, left 80 % up',
                'Camber: None 0 %, Thermal 15 % down, Launch 24 % down, Landing 9 % down',
                'Brakes: 50 % up',
            ],
            $petrel[1],
        );
        self::assertSame(
            [
                'Yaw: right 100 % right, left 100 % left',
                'Roll: right 35 % right, left 35 % left, while not phase Launch',
            ],
            $petrel[6],
        );
        self::assertSame(['Throttle: 100 %'], $petrel[7]);
        self::assertSame('Roll: right 50 % up, left 50 % down', self::words('dunlin')[2][1]);
    }

    public function test_everything_that_a_feed_can_have_is_said(): void
    {
        $circuit = Given::roll(
            [],
            [
                'feeds' => [
                    [
                        'from' => 'roll',
                        'weight' => [0.5, 1],
                        'offset' => 0.1,
                        'curve' => 'bend',
                        'delay' => 0.2,
                        'slow' => [1, 2],
                    ],
                    ['from' => ['axis' => 'pitch'], 'weight' => -0.2],
                    ['from' => ['control' => 'dial-left'], 'combine' => 'scale', 'weight' => 0.5],
                    [
                        'from' => 1,
                        'weight' => 0.3,
                        'combine' => 'replace',
                        'when' => ['control' => 'left-shoulder', 'at' => 'away'],
                    ],
                ],
            ],
            ['curves' => ['bend' => ['points' => [[-1, -1], [1, 0.5]]]]],
        );

        self::assertSame(
            [
                'Roll: right 100 %, left −50 %, offset 10 %, by curve bend, 0.2 s late, slowed: 1 s up, 2 s down',
                'Pitch stick: forward −20 %, back 20 %',
                'Left dial: multiplies the sum by 50 %',
                'Constant: 30 %, in place of all before, while Left shoulder away',
            ],
            (new MixWords($circuit->program, $circuit->panel->transmitter))->outputs()[1],
        );
    }

    public function test_the_picture_knows_parts_by_their_roles(): void
    {
        $parts = fn (string $demo): array => array_map(
            fn (Role $role): string => $role->value,
            Picture::parts(Given::circuit(Given::demo($demo))->program),
        );
        self::assertSame([1 => 'left-elevon', 2 => 'right-elevon', 3 => 'motor', 5 => 'input-mode'], $parts('dunlin'));
        self::assertSame(
            [
                1 => 'input-roll',
                2 => 'input-pitch',
                3 => 'input-throttle',
                4 => 'input-yaw',
                5 => 'input-gain',
                6 => 'input-collective',
                7 => 'input-mode',
                8 => 'input-mode',
            ],
            $parts('rook'),
        );
        self::assertSame([], Picture::parts(Given::roll([], ['name' => 'Smoke'])->program));
    }
}
