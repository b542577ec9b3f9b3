<?php

namespace DuskSwitch\Core\Logbook;

use DateTimeImmutable;
use DuskSwitch\Core\Analysis\LeastSquares;

/** What a pack's days tell: how often it was charged, how its resistance grew, whether it waits fully charged. */
final readonly class PackHistory
{
    /** Days that a pack may wait charged before it should be stored at less (common practice). */
    private const CHARGED_DAYS = 3;

    /** Times its first resistance at which a pack is worn (from memory). */
    private const WORN = 2.0;

    /**
     * @param  int  $cycles  charges
     * @param  float  $charged  mAh in all
     * @param  float|null  $milliohms  of a cell, measured last
     * @param  float|null  $growth  milliohms of a cell in a hundred days; null where it was measured once or never
     * @param  bool  $isWorn  its resistance has doubled since it was measured first
     * @param  int|null  $waits  days that it lies charged; null where it doesn't
     * @param  bool  $wantsStorage  it has lain charged for longer than it should
     * @param  int|null  $mayWait  days since something was put back after its last flight, where nobody said whether it
     *                             was to storage; null where it is known, or no longer ago than it may be
     */
    private function __construct(
        public int $cycles,
        public float $charged,
        public ?float $milliohms,
        public ?float $growth,
        public bool $isWorn,
        public ?int $waits,
        public bool $wantsStorage,
        public ?int $mayWait,
    ) {}

    /**
     * @param  list<array{kind: string, on: string, mah: float|null, milliohms: float|null}>  $acts  in the order of days
     * @param  list<string>  $flights  days on which it flew
     * @param  list<array{on: string, mah: float}>  $afterwards  what was put back after a flight, as its notes say
     */
    public static function of(array $acts, array $flights, DateTimeImmutable $today, array $afterwards = []): self
    {
        $charges = array_values(array_filter($acts, fn (array $one): bool => $one['kind'] === 'charge'));
        foreach ($afterwards as $one) {
            // Noted with the flight and with the pack, it was put back once.
            $noted = array_filter(
                $acts,
                fn (array $act): bool => $act['kind'] === 'charge' &&
                    substr($act['on'], 0, 10) === substr($one['on'], 0, 10) &&
                    $act['mah'] === $one['mah'],
            );
            if ($noted === []) {
                $charges[] = $one;
            }
        }
        $measured = [];
        foreach ($acts as $one) {
            if ($one['milliohms'] !== null) {
                $measured[] = [(float) (strtotime($one['on']) ?: 0) / 86_400, $one['milliohms']];
            }
        }
        $fit =
            count($measured) < 2
                ? null
                : LeastSquares::fit(
                    array_map(fn (array $one): array => [1.0, $one[0] - $measured[0][0]], $measured),
                    array_column($measured, 1),
                );
        $last = $measured === [] ? null : $measured[count($measured) - 1][1];
        $waits = self::waits($acts, $flights, $today);

        return new self(
            count($charges),
            array_sum(array_map(fn (array $one): float => $one['mah'] ?? 0.0, $charges)),
            $last,
            $fit === null ? null : $fit->values[1] * 100,
            $last !== null && count($measured) > 1 && $last >= self::WORN * $measured[0][1],
            $waits,
            $waits !== null && $waits > self::CHARGED_DAYS,
            $waits === null ? self::mayWait($acts, $flights, $afterwards, $today) : null,
        );
    }

    /**
     * @param  list<array{kind: string, on: string, mah: float|null, milliohms: float|null}>  $acts
     * @param  list<string>  $flights
     * @param  list<array{on: string, mah: float}>  $afterwards
     */
    private static function mayWait(array $acts, array $flights, array $afterwards, DateTimeImmutable $today): ?int
    {
        $last = max(['', ...array_column($afterwards, 'on')]);
        $later = array_filter($acts, fn (array $one): bool => $one['kind'] === 'storage' && $one['on'] >= $last);
        $flown = array_filter($flights, fn (string $day): bool => $day > $last);
        if ($last === '' || $later !== [] || $flown !== []) {
            return null;
        }
        $days = self::days($last, $today);

        return $days > self::CHARGED_DAYS ? $days : null;
    }

    /** Whole days from one until today. */
    private static function days(string $from, DateTimeImmutable $today): int
    {
        return max(0, (int) (new DateTimeImmutable($from))->diff($today->setTime(0, 0))->format('%r%a'));
    }

    /**
     * @param  list<array{kind: string, on: string, mah: float|null, milliohms: float|null}>  $acts
     * @param  list<string>  $flights
     */
    private static function waits(array $acts, array $flights, DateTimeImmutable $today): ?int
    {
        $charged = null;
        foreach ($acts as $one) {
            $charged = match ($one['kind']) {
                'charge' => substr($one['on'], 0, 10),
                'storage' => null,
                default => $charged,
            };
        }
        foreach ($flights as $day) {
            $charged = $charged !== null && substr($day, 0, 10) >= $charged ? null : $charged;
        }

        return $charged === null ? null : self::days($charged, $today);
    }
}
