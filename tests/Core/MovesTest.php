<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Space\ControlMove;
use DuskSwitch\Core\Space\Model;
use DuskSwitch\Core\Space\Question;
use PHPUnit\Framework\TestCase;

/** One move of a hand: what it can be, and what a memory makes of it. */
final class MovesTest extends TestCase
{
    /** @param  array<string, mixed>  $set  what sets the latch that raises channel 6 */
    private static function circuit(array $set): Circuit
    {
        return Given::program([
            'transmitter' => 'quayside-8',
            'functions' => [['id' => 'x', 'name' => 'Klappe', 'drive' => ['axis' => 'yaw']]],
            'outputs' => [
                [
                    'channel' => 6,
                    'name' => 'Klappe',
                    'feeds' => [
                        ['from' => 'x'],
                        [
                            'from' => 1,
                            'weight' => 0.6,
                            'when' => [
                                'latch' => ['set' => $set, 'reset' => ['control' => 'shoulder-left', 'at' => 'away']],
                            ],
                        ],
                    ],
                ],
            ],
        ]);
    }

    public function test_only_what_clicks_is_moved_and_a_button_is_let_go_before_and_after(): void
    {
        $circuit = self::circuit(['control' => 'button', 'at' => 'pressed']);
        [$model, $panel] = [new Model($circuit), $circuit->panel];
        $moves = fn (int ...$inputs): array => array_map(
            fn (ControlMove $one): array => [$one->input, $one->values],
            ControlMove::all($model, array_values($inputs)),
        );
        [$dial, $button, $switch] = [
            (int) $panel->control('dial'),
            (int) $panel->control('button'),
            (int) $panel->control('shoulder-left'),
        ];

        self::assertSame([], $moves($panel->axis(Axis::Yaw), $dial), 'a stick and a dial have no clicks');
        self::assertSame([[$switch, [-1.0]], [$switch, [1.0]]], $moves($switch));
        self::assertSame([[$button, [-1.0]], [$button, [-1.0, 1.0, -1.0]]], $moves($button));
    }

    /** A press is a tap; of a double one there is nothing after a single press. */
    public function test_a_tap_sets_a_latch_and_half_of_a_double_one_does_not(): void
    {
        foreach ([1, 2] as $count) {
            $circuit = self::circuit([
                'taps' => ['control' => 'button', 'at' => 'pressed'],
                'count' => $count,
                'within' => 0.4,
            ]);
            $model = new Model($circuit);
            $panel = $circuit->panel;
            $region = $model->powerUp();
            $button = (int) $panel->control('button');
            $move = ControlMove::all($model, [$button])[1];
            $question = new Question($region->between($panel->axis(Axis::Yaw), 0.0, 0.0), fn (): int => 0, [$move]);
            [$seen] = $question->look($model, $question->region);
            $scale = $panel->transmitter->scale;
            $raised = $scale->pulse($count === 1 ? 0.6 : 0.0);

            self::assertSame([[$scale->pulse(0.0), $scale->pulse(0.0)]], $seen[0]->pulses(6));
            self::assertSame([[$raised, $raised]], $seen[1]->pulses(6), "{$count}");
            $state = null;
            foreach ([[-1.0, 8], [1.0, 5], [-1.0, 60]] as [$at, $ticks]) {
                $hand = array_values(array_replace($panel->atRest(), [$button => $at]));
                for ($i = 0; $i < $ticks; $i++) {
                    $tick = $circuit->tick($hand, $state);
                    $state = $tick->state;
                }
            }
            self::assertSame($raised, $tick->frame->pulse(6), 'the circuit says the same, tick by tick');
        }
    }
}
