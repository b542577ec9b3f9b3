<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Program\ConditionTexts;
use PHPUnit\Framework\TestCase;

/** Conditions as a pilot says them. */
final class InWordsTest extends TestCase
{
    private function words(string $text): ConditionTexts
    {
        $program = ProgramDecoder::decode($text);

        return new ConditionTexts($program, Given::transmitter($program->transmitter));
    }

    public function test_phases_overrides_cases_and_feeds_are_said(): void
    {
        $petrel = $this->words(Given::demo('petrel'));

        self::assertSame(
            [
                'landing' => 'Brakes above 30 %',
                'launch' => 'Flight task is Launch',
                'thermal' => 'Flight task is Thermal',
            ],
            $petrel->phases(),
        );
        self::assertSame(['“motor-off”'], $petrel->functions()['throttle']);
        self::assertSame(['phase Landing', 'phase Launch', 'phase Thermal'], $petrel->functions()['camber']);
        self::assertSame([null, 'not phase Launch'], $petrel->feeds()[6]);
        self::assertSame(['Throttle cut is Cut'], $this->words(Given::demo('tern'))->functions()['throttle']);
    }

    public function test_nested_conditions_keep_their_brackets(): void
    {
        $words = $this->words(
            Given::text([
                'phases' => [
                    ['id' => 'main', 'name' => 'Main'],
                    [
                        'id' => 'far',
                        'name' => 'Far',
                        'when' => [
                            'all' => [
                                [
                                    'any' => [
                                        ['control' => 'left-shoulder', 'at' => 'away'],
                                        ['control' => 'dial-left', 'below' => -0.25],
                                    ],
                                ],
                                ['not' => ['all' => [['phase' => 'main']]]],
                            ],
                        ],
                    ],
                ],
            ]),
        );

        self::assertSame('(Left shoulder away or Left dial below −25 %) and not phase Main', $words->phases()['far']);
    }
}
