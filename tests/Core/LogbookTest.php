<?php

namespace DuskSwitch\Tests\Core;

use DateTimeImmutable;
use DuskSwitch\Core\Logbook\Balance;
use DuskSwitch\Core\Logbook\BalanceItem;
use DuskSwitch\Core\Logbook\PackHistory;
use DuskSwitch\Core\Logbook\Reminder;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Weight and balance, upkeep and packs, by examples that were worked by hand (common practice). */
final class LogbookTest extends TestCase
{
    /** @return list<BalanceItem> */
    private static function glider(): array
    {
        return [
            new BalanceItem('Fuselage and wing', 820.0, 96.0),
            new BalanceItem('Pack', 190.0, -120.0),
            new BalanceItem('Motor', 95.0, -210.0),
            new BalanceItem('Tail servos', 22.0, 610.0),
        ];
    }

    public function test_it_balances_where_moments_by_masses_say(): void
    {
        // 820·96 − 190·120 − 95·210 + 22·610 = 78720 − 22800 − 19950 + 13420 = 49390 g·mm; 1127 g; 43.824 mm.
        $balance = Balance::of(self::glider());

        self::assertSame(1127.0, $balance?->mass);
        self::assertEqualsWithDelta(49390 / 1127, $balance?->arm, 1e-9);
        self::assertEqualsWithDelta(49390 / 1127 - 78.0, $balance?->behind(78.0), 1e-9);
        self::assertNull(Balance::of([]));
        self::assertNull(Balance::of([new BalanceItem('Nothing', 0.0, 5.0)]));
    }

    public function test_ballast_and_moving_the_pack_put_it_on_its_mark(): void
    {
        $balance = Balance::of(self::glider()) ?? self::fail();
        $grams = $balance->ballast(78.0, 610.0);

        self::assertEqualsWithDelta((1127 * 78 - 49390) / (610 - 78), $grams, 1e-9, 'by hand: 72.4 g');
        self::assertEqualsWithDelta(78.0, $balance->with(new BalanceItem('Lead', (float) $grams, 610.0))->arm, 1e-9);
        self::assertNull($balance->ballast(78.0, -200.0), 'in the nose it makes it worse');
        self::assertNull($balance->ballast(78.0, 78.0), 'on the mark itself nothing helps');
        $pack = self::glider()[1];
        $by = (float) $balance->move(78.0, $pack);
        $moved = array_map(
            fn (BalanceItem $one): BalanceItem => $one->name === 'Pack'
                ? new BalanceItem('Pack', 190.0, -120.0 + $by)
                : $one,
            self::glider(),
        );
        self::assertEqualsWithDelta(78.0, Balance::of($moved)?->arm, 1e-9);
        self::assertNull($balance->move(78.0, new BalanceItem('Nothing', 0.0, 1.0)));
    }

    #[TestWith(['2026-01-31', null, 1, 0, '2026-02-27', 'soon', null, 1])]
    #[TestWith(['2026-01-31', null, 1, 0, '2026-02-28', 'due', null, 0])]
    #[TestWith(['2026-01-31', null, 6, 0, '2026-02-28', 'fine', null, 153])]
    #[TestWith(['2026-05-01', 20, null, 17, '2026-05-02', 'fine', 3, null])]
    #[TestWith(['2026-05-01', 20, null, 18, '2026-05-02', 'soon', 2, null])]
    #[TestWith(['2026-05-01', 20, null, 20, '2026-05-02', 'due', 0, null])]
    #[TestWith(['2026-05-01', 20, 12, 3, '2027-05-03', 'due', 17, -2])]
    #[TestWith(['2026-05-01', null, null, 90, '2030-01-01', 'none', null, null])]
    public function test_work_is_due_after_flights_or_months(
        string $done,
        ?int $flights,
        ?int $months,
        int $flown,
        string $today,
        string $state,
        ?int $left,
        ?int $days,
    ): void {
        $reminder = Reminder::of(
            new DateTimeImmutable($done),
            $flights,
            $months,
            $flown,
            new DateTimeImmutable("{$today} 15:30"),
        );

        self::assertSame([$state, $left, $days], [$reminder->state, $reminder->flights, $reminder->days]);
    }

    public function test_a_pack_that_lies_charged_wants_to_be_stored(): void
    {
        $act = fn (string $kind, string $on, ?float $mah = null, ?float $milliohms = null): array => compact(
            'kind',
            'on',
            'mah',
            'milliohms',
        );
        $today = new DateTimeImmutable('2026-06-10 09:00');
        $of = fn (array $acts, array $flights = []): PackHistory => PackHistory::of($acts, $flights, $today);

        $lies = $of([$act('charge', '2026-06-06', 900.0), $act('charge', '2026-06-06', 40.0)]);
        self::assertSame([2, 940.0, 4, true], [$lies->cycles, $lies->charged, $lies->waits, $lies->wantsStorage]);
        self::assertFalse($of([$act('charge', '2026-06-07')])->wantsStorage, 'three days are fine');
        self::assertNull($of([$act('charge', '2026-06-01')], ['2026-06-01'])->waits, 'it flew on the same day');
        self::assertNull($of([$act('charge', '2026-06-01'), $act('storage', '2026-06-02')])->waits);
        self::assertSame(5, $of([$act('charge', '2026-06-05')], ['2026-06-04'])->waits, 'it flew before');
        self::assertSame(0, $of([$act('charge', '2026-06-10')])->waits, 'today');
        self::assertSame(0, $of([$act('charge', '2026-06-12')])->waits, 'a day that is still to come');
        self::assertSame(
            5,
            $of([$act('charge', '2026-06-05 23:59:59')], ['2026-06-04'])->waits,
            'as the database keeps it',
        );
        self::assertNull(
            $of([$act('charge', '2026-06-05'), $act('resistance', '2026-06-06', null, 3.0)], ['2026-06-06'])->waits,
        );
    }

    public function test_a_pack_that_was_charged_after_its_flight_may_lie_full(): void
    {
        $of = fn (array $acts, array $flights, array $afterwards): ?int => PackHistory::of(
            array_map(fn (array $one): array => [...$one, 'mah' => null, 'milliohms' => null], $acts),
            $flights,
            new DateTimeImmutable('2026-06-10 23:00'),
            array_map(fn (string $on): array => ['on' => $on, 'mah' => 640.0], $afterwards),
        )->mayWait;

        self::assertSame(9, $of([], ['2026-06-01'], ['2026-06-01']));
        self::assertSame(4, $of([], ['2026-06-01', '2026-06-06'], ['2026-06-01', '2026-06-06']), 'the last counts');
        self::assertNull($of([], ['2026-06-07'], ['2026-06-07']), 'three days are fine');
        self::assertNull($of([], ['2026-06-01', '2026-06-03'], ['2026-06-01']), 'it flew since');
        self::assertNull(
            $of([['kind' => 'storage', 'on' => '2026-06-01']], ['2026-06-01'], ['2026-06-01']),
            'to storage',
        );
        self::assertSame(9, $of([['kind' => 'storage', 'on' => '2026-05-31']], ['2026-06-01'], ['2026-06-01']));
        self::assertNull(
            $of([['kind' => 'charge', 'on' => '2026-06-02']], ['2026-06-01'], ['2026-06-01']),
            'it surely lies full',
        );
        self::assertNull($of([], ['2026-06-01'], []));
    }

    public function test_what_was_put_back_after_a_flight_is_a_charge_noted_once_or_twice(): void
    {
        $history = PackHistory::of(
            [['kind' => 'charge', 'on' => '2026-06-01', 'mah' => 640.0, 'milliohms' => null]],
            ['2026-06-01', '2026-06-02'],
            new DateTimeImmutable('2026-06-10'),
            [
                ['on' => '2026-06-01', 'mah' => 640.0],
                ['on' => '2026-06-01', 'mah' => 655.0],
                ['on' => '2026-06-02', 'mah' => 640.0],
            ],
        );

        self::assertSame([3, 1935.0], [$history->cycles, $history->charged], 'the first stands in both books');
    }

    public function test_its_resistance_grows_along_a_line(): void
    {
        $measured = fn (string $on, float $milliohms): array => [
            'kind' => 'resistance',
            'on' => $on,
            'mah' => null,
            'milliohms' => $milliohms,
        ];
        $history = PackHistory::of(
            [$measured('2026-01-01', 4.0), $measured('2026-04-11', 5.0), $measured('2026-07-20', 6.0)],
            [],
            new DateTimeImmutable('2026-08-01'),
        );

        self::assertEqualsWithDelta(1.0, $history->growth, 1e-9, 'a milliohm in a hundred days');
        self::assertSame([6.0, false], [$history->milliohms, $history->isWorn]);
        self::assertTrue(
            PackHistory::of(
                [$measured('2026-01-01', 4.0), $measured('2026-07-20', 8.0)],
                [],
                new DateTimeImmutable('2026-08-01'),
            )->isWorn,
        );
        self::assertNull(
            PackHistory::of([$measured('2026-01-01', 4.0)], [], new DateTimeImmutable('2026-08-01'))->growth,
        );
    }
}
