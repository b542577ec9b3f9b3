<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Proof;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use stdClass;

/** A controller that mixes by itself takes each stick alone, on the channel where it expects it. */
final class ChannelOrderTest extends TestCase
{
    /**
     * Nightjar: roll, pitch, throttle, yaw on channels 1 to 4.
     *
     * @return list<array{string, list<int>, string}> about, channels, what it says
     */
    private static function found(callable $change): array
    {
        $d = json_decode(Given::demo('nightjar'));
        $change($d);
        $found = array_filter(
            Proof::of(Given::context(ProgramDecoder::decode((string) json_encode($d))))->findings,
            fn (Finding $one): bool => $one->rule === 'channel-order',
        );

        return array_values(array_map(fn (Finding $one): array => [$one->about, $one->channels(), $one->says], $found));
    }

    private static function swap(stdClass $d, int $one, int $other): void
    {
        [$d->outputs[$one]->feeds, $d->outputs[$other]->feeds] = [$d->outputs[$other]->feeds, $d->outputs[$one]->feeds];
    }

    /** @return array<string, array{callable(stdClass): mixed, list<array{string, list<int>, string}>}> */
    public static function orders(): array
    {
        $expects =
            'Keel F4 expects roll, pitch, throttle, yaw on channels 1 to 4; there is Roll, Pitch, Throttle, Yaw. '.
                'Change the order here, or in the controller, not in both';

        return [
            'as it is expected' => [fn () => null, []],
            'the first and the third changed' => [fn ($d) => self::swap($d, 0, 2), [['output:1', [1, 3], $expects]]],
            'the second and the fourth changed' => [fn ($d) => self::swap($d, 1, 3), [['output:2', [2, 4], $expects]]],
            'a stick mixed into the channel before it' => [
                fn ($d) => ($d->outputs[1]->feeds[] = (object) ['from' => 'yaw', 'weight' => 0.3]),
                [
                    [
                        'output:2',
                        [2],
                        'Pitch carries yaw beside pitch, and Keel F4 mixes by itself: both would be mixed twice. '.
                            'Take yaw out of channel 2',
                    ],
                ],
            ],
            'the controller was set to another order' => [
                function ($d): void {
                    $d->aboard->controller = (object) ['order' => ['throttle', 'roll', 'pitch', 'yaw']];
                },
                [
                    [
                        'output:1',
                        [1, 2, 3],
                        'Keel F4 expects throttle, roll, pitch, yaw on channels 1 to 4; there is Roll, Pitch, '.
                            'Throttle, Yaw. Change the order here, or in the controller, not in both',
                    ],
                ],
            ],
        ];
    }

    /**
     * @param  callable(stdClass): mixed  $change
     * @param  list<array{string, list<int>, string}>  $wanted
     */
    #[DataProvider('orders')]
    public function test_each_stick_is_looked_for_on_its_own_channel(callable $change, array $wanted): void
    {
        self::assertSame($wanted, self::found($change));
    }
}
