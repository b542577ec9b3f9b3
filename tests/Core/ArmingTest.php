<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Kit\Motor;
use DuskSwitch\Core\Link\ArmingCheck;
use DuskSwitch\Core\Link\BoardState;
use DuskSwitch\Core\Link\VerdictPoint;
use DuskSwitch\Core\Solve\MotorCheck;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every reason for not arming has a cure (common practice); motors against the drawing. */
final class ArmingTest extends TestCase
{
    /** @return list<string> topics */
    private static function blockers(BoardState $board, float $throttle = -1.0, string $demo = 'nightjar'): array
    {
        $circuit = Given::circuit(Given::demo($demo));
        $controller = Given::catalogue()->controller($circuit->program->controller ?? '') ?? self::fail();
        $blockers = (new ArmingCheck($circuit->program, $controller))->blockers(
            Given::frame($circuit, ['throttle' => $throttle]),
            $board,
        );
        foreach ($blockers as $one) {
            self::assertNotNull($one->cure);
        }

        return array_map(fn (VerdictPoint $one): string => $one->topic, $blockers);
    }

    /** @return array<string, array{BoardState, float, list<string>}> */
    public static function states(): array
    {
        return [
            'fine' => [new BoardState(satellites: 9), -1.0, []],
            'throttle up' => [new BoardState(satellites: 9), -0.5, ['Throttle']],
            'receiver lost' => [new BoardState(link: false, satellites: 9), -1.0, ['Receiver']],
            'armed at power-up' => [new BoardState(satellites: 9, seenOff: false), -1.0, ['Switch']],
            'a session open' => [new BoardState(session: true, satellites: 9), -1.0, ['Session']],
            'not level' => [new BoardState(level: false, satellites: 9), -1.0, ['Level']],
            'four satellites are a fix' => [new BoardState(satellites: 4), -1.0, []],
            'three satellites are no fix' => [new BoardState(satellites: 3), -1.0, ['Satellites']],
            'everything at once' => [
                new BoardState(false, false, true, 0, false, false),
                1.0,
                ['Receiver', 'Throttle', 'Switch', 'Session', 'Level', 'Satellites', 'Sensors'],
            ],
        ];
    }

    /** @param  list<string>  $topics */
    #[DataProvider('states')]
    public function test_what_stands_in_the_way(BoardState $board, float $throttle, array $topics): void
    {
        self::assertSame($topics, self::blockers($board, $throttle));
    }

    public function test_without_a_gps_satellites_do_not_matter(): void
    {
        self::assertSame([], self::blockers(new BoardState(), -1.0, 'midge'));
        self::assertSame(
            ['Arming'],
            self::blockers(new BoardState(satellites: 9), -1.0, 'dunlin'),
            'it has no arm switch: treat it as armed',
        );
    }

    /** @return array<string, array{callable(\stdClass): mixed, string}> */
    public static function others(): array
    {
        $by = fn (string $by): \stdClass => (object) ['arming' => (object) ['by' => $by]];

        return [
            'by the throttle' => [fn ($d) => ($d->aboard->controller = $by('throttle')), 'isn\'t armed by a switch'],
            'by the sticks' => [fn ($d) => ($d->aboard->controller = $by('sticks')), 'is armed by'],
        ];
    }

    /** @param  callable(\stdClass): mixed  $change */
    #[DataProvider('others')]
    public function test_where_no_channel_arms_it_says_so(callable $change, string $says): void
    {
        $document = json_decode(Given::demo('nightjar'));
        $change($document);
        $circuit = Given::circuit((string) json_encode($document));
        $controller = Given::catalogue()->controller('keel-f4') ?? self::fail();
        $blockers = (new ArmingCheck($circuit->program, $controller))->blockers(
            Given::frame($circuit),
            new BoardState(satellites: 9),
        );

        self::assertCount(1, $blockers);
        self::assertStringContainsString($says, $blockers[0]->says);
    }

    public function test_it_asks_where_the_arm_switch_is_away(): void
    {
        $circuit = Given::circuit(Given::demo('nightjar'));
        $arming = new ArmingCheck($circuit->program, Given::catalogue()->controller('keel-f4') ?? self::fail());

        self::assertFalse($arming->isAsked(Given::frame($circuit)));
        self::assertTrue($arming->isAsked(Given::frame($circuit, controls: ['left-shoulder' => 'away'])));
    }

    public function test_motors_against_the_drawing(): void
    {
        $motor = new Motor(2, 'front right', false);

        self::assertNull(MotorCheck::verdict($motor, 'front right', 'counter-clockwise'));
        self::assertStringContainsString(
            'turns the wrong way: reverse it in the speed controller, or swap two of its three wires',
            (string) MotorCheck::verdict($motor, 'front right', 'clockwise'),
        );
        self::assertStringContainsString(
            'turned at the rear left; in the drawing it is front right',
            (string) MotorCheck::verdict($motor, 'rear left', 'counter-clockwise'),
        );
        self::assertStringContainsString(
            'stop at once, one of its three wires is off',
            (string) MotorCheck::verdict($motor, 'front right', 'jitters'),
        );
        self::assertStringContainsString('doesn\'t turn', (string) MotorCheck::verdict($motor, 'front right', 'still'));
    }
}
