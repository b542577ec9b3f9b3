<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Video\Intermodulation;
use DuskSwitch\Core\Video\VideoChannel;
use DuskSwitch\Core\Video\VideoChannels;
use DuskSwitch\Core\Video\VideoPilot;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Friends in the air: who flies on which channel. */
final class VideoChannelsTest extends TestCase
{
    /** @param  list<float>  $megahertz */
    private static function pilot(string $name, array $megahertz): VideoPilot
    {
        return new VideoPilot(
            $name,
            array_map(fn (float $one): VideoChannel => new VideoChannel("mine {$one}", $one), $megahertz),
            [25.0, 200.0],
        );
    }

    public function test_the_third_order_products_are_those_of_the_handbook(): void
    {
        // 2·5740 − 5760 = 5720 and 5740 + 5760 − 5800 = 5700, by hand.
        $near = Intermodulation::products([5740.0, 5760.0, 5725.0]);
        self::assertContains(['product' => 5720.0, 'of' => [0, 1], 'disturbs' => 2, 'off' => 5.0], $near);
        self::assertSame([], Intermodulation::products([5740.0, 5760.0]), 'two disturb nobody else');
        self::assertContains(
            ['product' => 5700.0, 'of' => [0, 1, 2], 'disturbs' => 3, 'off' => 10.0],
            Intermodulation::products([5740.0, 5760.0, 5800.0, 5690.0]),
        );
        self::assertSame(
            [],
            array_filter(
                Intermodulation::products([5740.0, 5760.0, 5800.0, 5680.0]),
                fn (array $one): bool => count($one['of']) === 3 && $one['product'] === 5700.0,
            ),
            'twenty MHz off is far enough',
        );
    }

    public function test_the_plan_is_the_one_that_trying_all_of_them_finds(): void
    {
        for ($seed = 1; $seed <= 40; $seed++) {
            $random = new Randomizer(new Mt19937($seed));
            $pilots = [];
            for ($pilot = $random->getInt(2, 4); $pilot > 0; $pilot--) {
                $channels = array_map(
                    fn (): float => (float) $random->getInt(5640, 5900),
                    range(1, $random->getInt(1, 7)),
                );
                $pilots[] = self::pilot("P{$pilot}", $channels);
            }
            [$fewest, $widest] = self::byTryingAll($pilots);
            $plan = VideoChannels::plan($pilots);

            self::assertTrue($plan->isBest);
            $used = array_map(fn (VideoChannel $one): float => $one->megahertz, $plan->channels);
            self::assertSame($fewest, count($plan->products) + self::tooNear($used), "day {$seed}");
            self::assertSame($widest, $plan->apart, "day {$seed}");
            foreach ($pilots as $place => $pilot) {
                self::assertContains($plan->channels[$place], $pilot->channels, 'one of their own');
            }
        }
    }

    public function test_five_with_forty_channels_each_disturb_nobody_and_six_cannot(): void
    {
        $channels = array_map(fn (int $at): float => 5645.0 + 7 * $at, range(0, 39));
        $pilots = fn (int $many): array => array_map(
            fn (int $one): VideoPilot => self::pilot("P{$one}", $channels),
            range(1, $many),
        );
        $five = VideoChannels::plan($pilots(5));

        self::assertSame([[], true], [$five->products, $five->isBest]);
        self::assertGreaterThanOrEqual(Intermodulation::NEAR, $five->apart);
        // Six have fifteen differences, all of which would have to be twenty MHz from each other: 273 MHz are too few.
        self::assertNotSame([], VideoChannels::plan($pilots(6))->products, 'what is left is told');
    }

    public function test_the_power_is_what_the_place_allows(): void
    {
        $pilot = new VideoPilot('A', [new VideoChannel('x', 5800.0)], [25.0, 200.0, 1000.0]);
        self::assertSame([200.0, 25.0, 25.0], [$pilot->power(200.0), $pilot->power(199.0), $pilot->power(10.0)]);
        self::assertNull((new VideoPilot('B', $pilot->channels))->power(25.0));
    }

    public function test_nine_are_too_many(): void
    {
        $this->expectException(Refused::class);
        VideoChannels::plan(array_map(fn (int $one): VideoPilot => self::pilot("P{$one}", [5800.0]), range(1, 9)));
    }

    /**
     * @param  list<VideoPilot>  $pilots
     * @return array{int, float}
     */
    private static function byTryingAll(array $pilots): array
    {
        $all = [[]];
        foreach ($pilots as $pilot) {
            $more = [];
            foreach ($all as $one) {
                foreach ($pilot->channels as $channel) {
                    $more[] = [...$one, $channel->megahertz];
                }
            }
            $all = $more;
        }
        $best = [PHP_INT_MAX, -1.0];
        foreach ($all as $used) {
            $apart = INF;
            foreach ($used as $i => $a) {
                foreach (array_slice($used, $i + 1) as $b) {
                    $apart = min($apart, abs($a - $b));
                }
            }
            $count = count(Intermodulation::products($used)) + self::tooNear($used);
            if ($count < $best[0] || ($count === $best[0] && $apart > $best[1])) {
                $best = [$count, $apart];
            }
        }

        return $best;
    }

    /** @param  list<float>  $used */
    private static function tooNear(array $used): int
    {
        $near = 0;
        foreach ($used as $i => $a) {
            foreach (array_slice($used, $i + 1) as $b) {
                $near += abs($a - $b) < Intermodulation::NEAR ? 1 : 0;
            }
        }

        return $near;
    }
}
