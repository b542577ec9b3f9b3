<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Airframe\SurfaceCheck;
use DuskSwitch\Core\Airframe\SurfaceMove;
use DuskSwitch\Core\Fault\Refused;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Surfaces one by one, seen from behind (common practice). */
final class SurfaceCheckTest extends TestCase
{
    /** @return array<string, array{string, list<string>}> */
    public static function aircraft(): array
    {
        return [
            'a plane' => ['tern', ['Elevator pitch forward down', 'Rudder yaw right right']],
            'a sailplane' => [
                'petrel',
                [
                    'Left aileron roll right down',
                    'Right aileron roll right up',
                    'Elevator pitch forward down',
                    'Rudder yaw right right',
                ],
            ],
            'a wing' => [
                'dunlin',
                [
                    'Left elevon roll right down',
                    'Left elevon pitch forward down',
                    'Right elevon roll right up',
                    'Right elevon pitch forward down',
                ],
            ],
            'a multirotor has none' => ['nightjar', []],
        ];
    }

    /** @param  list<string>  $wanted */
    #[DataProvider('aircraft')]
    public function test_what_each_surface_has_to_do(string $demo, array $wanted): void
    {
        $circuit = Given::circuit(Given::demo($demo));
        $moves = array_map(
            fn (SurfaceMove $one): string => "{$one->name} {$one->stick->value} {$one->push} {$one->goes}",
            SurfaceCheck::moves($circuit),
        );

        self::assertSame([], array_diff($wanted, $moves));
        self::assertSame($wanted === [], $moves === []);
    }

    public function test_a_turned_servo_is_reversed_and_nothing_else(): void
    {
        $dunlin = Given::circuit(Given::demo('dunlin'))->program;
        $solved = SurfaceCheck::solve($dunlin, [1 => ['roll' => false, 'pitch' => false], 2 => ['roll' => true]]);

        self::assertSame(! $dunlin->output(1)?->reverse, $solved->output(1)?->reverse);
        self::assertSame($dunlin->output(2), $solved->output(2));
    }

    public function test_leads_that_are_changed_over_are_no_reversal(): void
    {
        $this->expectException(Refused::class);
        $this->expectExceptionMessage(
            'Left elevon goes right with the pitch stick and wrong with the roll stick: that is no reversal. Are two '.
                'servos\' leads changed over?',
        );
        SurfaceCheck::solve(Given::circuit(Given::demo('dunlin'))->program, [1 => ['pitch' => true, 'roll' => false]]);
    }
}
