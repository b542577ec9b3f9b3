<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Format\TransmitterDecoder;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Move\ControlPlacement;
use DuskSwitch\Core\Move\ControlPlacements;
use PHPUnit\Framework\TestCase;

/** Which control takes the place of which, on transmitters of one's own. */
final class ControlPlacementTest extends TestCase
{
    private const THREE = ['kind' => 'switch', 'positions' => 3];

    private const TWO = ['kind' => 'switch', 'positions' => 2];

    private const BUTTON = ['kind' => 'button'];

    private const DIAL = ['kind' => 'dial'];

    private const SLIDER = ['kind' => 'slider'];

    /** @param  array<string, array<string, mixed>>  $controls  by id, each with its place */
    private static function transmitter(array $controls): Transmitter
    {
        $document = json_decode((string) file_get_contents(Given::DEMO.'/stores/transmitters/lamplight-12.json'), true);
        $document['controls'] = [];
        foreach ($controls as $id => $control) {
            $document['controls'][] = ['id' => $id, 'name' => ucfirst($id), ...$control];
        }

        return TransmitterDecoder::decode((string) json_encode($document));
    }

    /**
     * @param  array<string, array<string, mixed>>  $from
     * @param  array<string, array<string, mixed>>  $to
     * @param  array<string, string>  $wanted
     * @return array<string, string> new ids by old ones
     */
    private static function placed(array $from, array $to, array $wanted = []): array
    {
        return array_map(
            fn (ControlPlacement $one): string => $one->to->id,
            ControlPlacements::find(array_keys($from), self::transmitter($from), self::transmitter($to), $wanted),
        );
    }

    /**
     * @param  array<string, mixed>  $control
     * @return array<string, mixed>
     */
    private static function at(array $control, float $x, float $y): array
    {
        return [...$control, 'place' => [$x, $y]];
    }

    public function test_the_nearest_of_the_same_kind(): void
    {
        $to = ['far' => self::at(self::TWO, 90, 10), 'near' => self::at(self::TWO, 30, 10)];
        self::assertSame(['a' => 'near'], self::placed(['a' => self::at(self::TWO, 10, 10)], $to));
        self::assertSame(['a' => 'far'], self::placed(['a' => self::at(self::TWO, 80, 10)], $to));
        $to = ['right' => self::at(self::DIAL, 50, 10), 'below' => self::at(self::DIAL, 20, 45)];
        self::assertSame(['a' => 'right'], self::placed(['a' => self::at(self::DIAL, 20, 10)], $to), '30 across, not 35 down');
        self::assertSame(['a' => 'below'], self::placed(['a' => self::at(self::DIAL, 20, 40)], $to));
    }

    public function test_a_kind_of_its_own_comes_before_what_is_nearer(): void
    {
        $to = ['three' => self::at(self::THREE, 10, 10), 'two' => self::at(self::TWO, 90, 80)];
        self::assertSame(['a' => 'two'], self::placed(['a' => self::at(self::TWO, 10, 10)], $to));
        self::assertSame(['a' => 'three'], self::placed(['a' => self::at(self::THREE, 90, 80)], $to));
        $to = ['slider' => self::at(self::SLIDER, 10, 10), 'dial' => self::at(self::DIAL, 90, 80)];
        self::assertSame(['a' => 'dial'], self::placed(['a' => self::at(self::DIAL, 10, 10)], $to));
    }

    public function test_what_stands_in_for_what(): void
    {
        $alone = fn (array $is, array $there): array => self::placed(
            ['a' => self::at($is, 10, 10)],
            ['b' => self::at($there, 90, 80)],
        );
        self::assertSame(['a' => 'b'], $alone(self::DIAL, self::SLIDER));
        self::assertSame(['a' => 'b'], $alone(self::SLIDER, self::DIAL));
        self::assertSame(['a' => 'b'], $alone(self::TWO, self::THREE));
        self::assertSame(['a' => 'b'], $alone(self::THREE, self::TWO));
        self::assertSame(['a' => 'b'], $alone(self::BUTTON, self::TWO));
        self::assertSame([], $alone(self::TWO, self::BUTTON), 'a button holds nothing');
        self::assertSame([], $alone(self::DIAL, self::THREE));
        self::assertSame([], $alone(self::THREE, self::SLIDER));
        self::assertSame([], $alone(self::BUTTON, self::DIAL));
    }

    public function test_more_positions_stand_in_better_than_another_rest(): void
    {
        $to = ['as-many' => self::at([...self::TWO, 'rest' => 'toward'], 10, 12), 'more' => self::at(self::THREE, 90, 40)];
        self::assertSame(['a' => 'more'], self::placed(['a' => self::at([...self::TWO, 'rest' => 'away'], 10, 10)], $to));
    }

    public function test_the_rarer_kind_chooses_first_and_a_wish_before_all(): void
    {
        $from = ['two' => self::at(self::TWO, 10, 10), 'three' => self::at(self::THREE, 12, 60)];
        $to = ['three-b' => self::at(self::THREE, 10, 10), 'two-b' => self::at(self::TWO, 90, 80)];
        self::assertEquals(['two' => 'two-b', 'three' => 'three-b'], self::placed($from, $to));
        self::assertEquals(
            ['two' => 'three-b', 'three' => 'two-b'],
            self::placed($from, $to, ['two' => 'three-b']),
        );
        self::assertEquals(['two' => 'two-b', 'three' => 'three-b'], self::placed($from, $to, ['two' => 'nowhere']));
        self::assertEquals(['two' => 'two-b', 'three' => 'three-b'], self::placed($from, $to, ['nobody' => 'three-b']));
        self::assertEquals(
            ['two' => 'three-b', 'three' => 'two-b'],
            self::placed($from, $to, ['two' => 'three-b', 'three' => 'three-b']),
            'the first of two that want the same',
        );
        $same = ['b' => self::at(self::TWO, 50, 10), 'a' => self::at(self::TWO, 50, 60)];
        self::assertSame(['b' => 'one'], self::placed($same, ['one' => self::at(self::TWO, 50, 35)]), 'the more important');
    }

    public function test_a_hundred_of_way_outweigh_a_better_kind(): void
    {
        $is = self::at([...self::TWO, 'rest' => 'away'], 0, 0);
        $to = fn (float $x): array => [
            'as-many' => self::at([...self::TWO, 'rest' => 'toward'], 0, 0),
            'more' => self::at(self::THREE, $x, 0),
        ];
        self::assertSame(['a' => 'more'], self::placed(['a' => $is], $to(99.5)));
        $farther = [...$to(0), 'more' => self::at(self::THREE, 100, 10)];
        self::assertSame(['a' => 'as-many'], self::placed(['a' => $is], $farther));
        $placement = ControlPlacements::find(
            ['a'],
            self::transmitter(['a' => self::at(self::THREE, 10, 10)]),
            self::transmitter(['b' => self::at(self::TWO, 10, 10)]),
        )['a'];
        self::assertSame(['away' => 'away', 'toward' => 'toward'], $placement->detents, 'the middle has no place');
        self::assertTrue($placement->losesDetents());
    }

    public function test_detents_that_stand_in_for_each_other(): void
    {
        $controls = self::transmitter([
            'two' => self::at(self::TWO, 10, 5),
            'button' => self::at(self::BUTTON, 20, 5),
            'dial' => self::at(self::DIAL, 50, 5),
        ]);
        $map = fn (string $from, string $to): array => (new ControlPlacement(
            $controls->control($from) ?? self::fail(),
            $controls->control($to) ?? self::fail(),
        ))->detents;
        self::assertEquals(['away' => 'pressed', 'toward' => 'released'], $map('two', 'button'));
        self::assertEquals(['pressed' => 'away', 'released' => 'toward'], $map('button', 'two'));
        self::assertEquals(['pressed' => 'pressed', 'released' => 'released'], $map('button', 'button'));
        self::assertSame([], $map('two', 'dial'));
    }

    public function test_of_several_that_stand_in_the_nearest(): void
    {
        $to = [
            'far' => self::at(self::THREE, 90, 10),
            'near' => self::at(self::THREE, 30, 10),
        ];
        self::assertSame(['a' => 'near'], self::placed(['a' => self::at(self::TWO, 20, 10)], $to));
        self::assertSame(['a' => 'far'], self::placed(['a' => self::at(self::TWO, 80, 10)], $to));
        $to = ['far' => self::at(self::DIAL, 90, 10), 'near' => self::at(self::DIAL, 30, 10)];
        self::assertSame(['a' => 'near'], self::placed(['a' => self::at(self::SLIDER, 20, 10)], $to));
        $to = ['far' => self::at(self::TWO, 90, 10), 'near' => self::at(self::TWO, 30, 10)];
        self::assertSame(['a' => 'near'], self::placed(['a' => self::at(self::THREE, 20, 10)], $to));
    }
}
