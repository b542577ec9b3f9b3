<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Format\StateMapEncoder;
use DuskSwitch\Core\Proof\StateCauses;
use DuskSwitch\Core\Proof\StateMap;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is wrong in many states is told once, by the switch that it comes from. */
final class StateCausesTest extends TestCase
{
    public function test_one_position_of_one_switch_is_one_cause(): void
    {
        $causes = fn (string $demo): array => array_map(
            fn (array $one): array => [$one['says'], $one['odd'], count($one['cells'])],
            (new StateMapEncoder(Given::context(Given::circuit(Given::demo($demo))->program)))->map()['causes'],
        );
        self::assertSame([['Left front middle', 'at an edge', 6]], $causes('nightjar'));
        self::assertSame([], $causes('rook'));
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 30) as $seed) {
            yield "program {$seed}" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_causes_hold_every_wrong_state_and_no_other(int $seed): void
    {
        $context = Given::context(RandomPrograms::circuit($seed, true)->program);
        $map = StateMap::of($context);
        $told = [];
        foreach (StateCauses::of($map) as $cause) {
            self::assertNotSame([], $cause->cells);
            foreach ($cause->cells as $place) {
                self::assertSame($cause->odd, $map->cells[$place]->odd);
                foreach ($cause->detents as $switch => $detent) {
                    self::assertSame($detent, $map->cells[$place]->detents[$switch]);
                }
                $told[$place] = true;
            }
        }
        $wrong = array_filter($map->cells, fn ($cell): bool => $cell->odd !== null);
        self::assertEqualsCanonicalizing(array_keys($wrong), array_keys($told));
    }

    public function test_what_takes_two_switches_names_both(): void
    {
        // Arming on one switch and a mode outside every range on another: wrong only where both are so.
        $found = [];
        for ($seed = 1; $seed <= 60 && count($found) < 2; $seed++) {
            $map = StateMap::of(Given::context(RandomPrograms::circuit($seed, true)->program));
            foreach (StateCauses::of($map) as $cause) {
                $found[count($cause->detents)] = true;
                if (count($cause->detents) === 2) {
                    foreach ($cause->detents as $switch => $detent) {
                        $alone = array_filter($map->cells, fn ($one): bool => $one->detents[$switch] === $detent);
                        self::assertNotCount(
                            count(array_filter($alone, fn ($one): bool => $one->odd === $cause->odd)),
                            $alone,
                            'one of them alone isn\'t enough',
                        );
                    }
                }
            }
        }
        self::assertArrayHasKey(1, $found);
        self::assertArrayHasKey(2, $found);
    }
}
