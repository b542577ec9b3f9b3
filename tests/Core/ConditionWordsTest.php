<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Program\ConditionTexts;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Conditions, said as a pilot would. */
final class ConditionWordsTest extends TestCase
{
    private const AWAY = ['control' => 'left-side', 'at' => 'away'];

    private const UP = ['control' => 'dial-left', 'above' => 0.25];

    /** @return array<string, array{mixed, string}> */
    public static function conditions(): array
    {
        return [
            'a switch' => [self::AWAY, 'Left side away'],
            'a dial above' => [self::UP, 'Left dial above 25 %'],
            'a slider below' => [['control' => 'slider-left', 'below' => -0.5], 'Left slider below −50 %'],
            'a function above' => [['function' => 'throttle', 'above' => 0.1], 'Throttle above 10 %'],
            'a step' => [['step' => ['arm', 'armed']], 'Arm is Armed'],
            'not' => [['not' => self::AWAY], 'not Left side away'],
            'both' => [['all' => [self::AWAY, self::UP]], 'Left side away and Left dial above 25 %'],
            'either' => [['any' => [self::AWAY, self::UP]], 'Left side away or Left dial above 25 %'],
            'neither' => [['not' => ['any' => [self::AWAY, self::UP]]], 'not (Left side away or Left dial above 25 %)'],
            'one and either' => [
                ['all' => [['step' => ['arm', 'safe']], ['any' => [self::AWAY, self::UP]]]],
                'Arm is Safe and (Left side away or Left dial above 25 %)',
            ],
            'one alone in a list' => [['all' => [self::AWAY]], 'Left side away'],
            'by its name' => ['landing', '“landing”'],
            'held' => [['held' => self::AWAY, 'seconds' => 1.5], 'Left side away for 1.5 s'],
            'latched' => [
                ['latch' => ['set' => self::AWAY, 'reset' => ['step' => ['arm', 'safe']]]],
                'from Left side away until Arm is Safe',
            ],
            'changed over' => [
                ['toggle' => ['control' => 'button-left', 'at' => 'pressed']],
                'changed over by Left button pressed',
            ],
            'pressed once' => [
                ['taps' => ['control' => 'button-left', 'at' => 'pressed'], 'count' => 1, 'within' => 0.4],
                'Left button pressed once, not again within 0.4 s',
            ],
            'pressed twice' => [
                ['taps' => ['control' => 'button-left', 'at' => 'pressed'], 'count' => 2, 'within' => 0.4],
                'Left button pressed twice within 0.4 s',
            ],
        ];
    }

    #[DataProvider('conditions')]
    public function test_a_condition_of_a_phase_is_said(mixed $when, string $says): void
    {
        self::assertSame(
            $says,
            $this->words([
                'phases' => [['id' => 'main', 'name' => 'Main'], ['id' => 'low', 'name' => 'Low', 'when' => $when]],
            ])->phases()['low'],
        );
    }

    #[DataProvider('conditions')]
    public function test_the_same_is_said_of_an_override_and_of_a_feed(mixed $when, string $says): void
    {
        $words = $this->words([], [['from' => 'yaw'], ['from' => 'yaw', 'when' => $when]], $when);

        self::assertSame([$says], $words->functions()['yaw']);
        self::assertSame([null, $says], $words->feeds()[4]);
    }

    /**
     * @param  array<string, mixed>  $more
     * @param  list<mixed>  $feeds
     */
    private function words(array $more, array $feeds = [['from' => 'yaw']], mixed $override = null): ConditionTexts
    {
        $circuit = Given::program(
            $more + [
                'conditions' => ['landing' => self::AWAY],
                'functions' => [
                    ['id' => 'throttle', 'name' => 'Throttle', 'drive' => ['axis' => 'throttle']],
                    [
                        'id' => 'arm',
                        'name' => 'Arm',
                        'steps' => [
                            ['id' => 'safe', 'name' => 'Safe', 'value' => -1],
                            ['id' => 'armed', 'name' => 'Armed', 'value' => 1],
                        ],
                        'drive' => ['control' => 'left-shoulder', 'map' => ['away' => 'armed', 'toward' => 'safe']],
                    ],
                    ['id' => 'yaw', 'name' => 'Yaw', 'drive' => ['axis' => 'yaw']] +
                    ($override === null ? [] : ['override' => [['when' => $override, 'value' => 0]]]),
                ],
                'outputs' => [['channel' => 4, 'name' => 'Yaw', 'feeds' => $feeds]],
            ],
        );

        return new ConditionTexts($circuit->program, $circuit->panel->transmitter);
    }
}
