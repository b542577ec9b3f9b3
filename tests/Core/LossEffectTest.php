<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Link\LossEffect;
use DuskSwitch\Core\Solve\PulseChange;
use PHPUnit\Framework\TestCase;

/** What an edit changes on signal loss, said before it is taken. */
final class LossEffectTest extends TestCase
{
    /**
     * @param  callable(\stdClass): mixed  $change
     * @return list<array{int, string, string, int|null, int|null}>
     */
    private static function changes(string $demo, callable $change): array
    {
        $document = json_decode(Given::demo($demo));
        $change($document);
        $after = Given::circuit((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));

        return array_map(
            fn (PulseChange $one): array => [$one->channel, $one->name, $one->where, $one->before, $one->after],
            LossEffect::between(Given::circuit(Given::demo($demo)), $after),
        );
    }

    public function test_another_failsafe_is_seen_in_microseconds(): void
    {
        self::assertSame([], self::changes('petrel', fn ($d) => ($d->name = 'Another')));
        $sets = array_column(json_decode(Given::demo('petrel'))->aboard->failsafe, 'does', 'channel');
        self::assertSame(
            [[1, 'Left aileron', 'on signal loss', $sets[1], 1444]],
            self::changes('petrel', fn ($d) => ($d->aboard->failsafe[0]->does = 1444)),
        );
        self::assertSame(
            [[1, 'Left aileron', 'on signal loss', $sets[1], null]],
            self::changes('petrel', fn ($d) => ($d->aboard->failsafe[0]->does = 'off')),
            'no signal',
        );
    }

    public function test_a_channel_that_comes_or_goes_is_named(): void
    {
        $gone = self::changes('petrel', function ($d) {
            array_splice($d->outputs, 6, 1);
        });
        self::assertSame([7, 'Motor', null], [$gone[0][0], $gone[0][1], $gone[0][4]]);
        self::assertCount(1, $gone);
    }
}
