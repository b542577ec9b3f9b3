<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Link\PointLevel;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Sense\Callout;
use DuskSwitch\Core\Units\Dimension;

/** What the pack had, and what was said of it in time. */
final readonly class PackRemarks
{
    /** Seconds that one wants between the first warning and the empty pack (from memory). */
    private const TIME_TO_LAND = 45.0;

    /** A warning that held for less is a dip, not a state. */
    private const DIP = 3.0;

    /** What an alarm looks at that tells of the pack. */
    private const TELLS = [Dimension::Voltage, Dimension::Charge, Dimension::Time];

    /** @param  array<string, list<array{float, float}>>  $spans  when each call's condition held */
    public function __construct(
        private Recording $flight,
        private Program $program,
        private array $spans,
        private Warnings $warnings,
    ) {}

    /** @return list<Remark> */
    public function remarks(): array
    {
        return [...$this->notFull(), ...$this->pack(), ...$this->dips()];
    }

    /** @return list<Remark> */
    private function notFull(): array
    {
        $full = round(100 * $this->flight->left(0.0));

        return $full > 95
            ? []
            : [
                new Remark(
                    'Pack',
                    PointLevel::Look,
                    "The pack was {$full} % full at power-up. Used capacity counts from 0 there and knows nothing of ".
                        'it: only the voltage tells.',
                    0.0,
                ),
            ];
    }

    /** @return list<Remark> */
    private function pack(): array
    {
        $last = $this->flight->truth[count($this->flight->truth) - 1] ?? null;
        if ($last === null) {
            return [];
        }
        $first = $this->warnings->first(...self::TELLS);
        $left = round(100 * $this->flight->left($last['used']));
        if ($first === null) {
            $hasOne =
                array_filter(
                    $this->program->sense->calls,
                    fn (Callout $one): bool => $one->isAlarm() &&
                        $this->warnings->looksAt($one->id, ...self::TELLS),
                ) !== [];

            return [
                match (true) {
                    ! $hasOne => new Remark(
                        'Pack',
                        PointLevel::Wrong,
                        'Nothing warns of an empty pack: no alarm looks at a voltage, at used capacity or at a timer.',
                    ),
                    $left < 15 => new Remark(
                        'Pack',
                        PointLevel::Wrong,
                        "Nothing was said of the pack, and {$left} % were left at the end.",
                    ),
                    default => new Remark(
                        'Pack',
                        PointLevel::Fine,
                        "No warning of the pack was needed: {$left} % were left at the end.",
                    ),
                },
            ];
        }
        $empty = $this->empty($first);
        $says =
            'First warning of the pack '.
            Remark::clock($first).
            '; it would have been empty '.
            round($empty - $first).
            ' s later.';

        return [
            new Remark(
                'Pack',
                $empty - $first < self::TIME_TO_LAND ? PointLevel::Look : PointLevel::Fine,
                $says.($empty - $first < self::TIME_TO_LAND ? ' That is little to land in.' : ''),
                $first,
            ),
        ];
    }

    /** Seconds at which the pack is empty, at the mean current from a time on. */
    private function empty(float $from): float
    {
        $begin = (int) round($from / Recording::EVERY);
        foreach (array_slice($this->flight->truth, $begin) as $index => $row) {
            if ($row['used'] >= $this->flight->held) {
                return ($begin + $index) * Recording::EVERY;
            }
        }
        $flown = array_filter(array_slice($this->flight->truth, 0, $begin + 1), fn (array $row): bool => $row['flies']);
        $amperes = $flown === [] ? 0.0 : array_sum(array_column($flown, 'amperes')) / count($flown);
        $used = $this->flight->truth[$begin]['used'] ?? 0.0;

        return $amperes > 0 ? $from + (($this->flight->held - $used) * 3.6) / $amperes : INF;
    }

    /**
     * Alarms of the pack that a short dip set off.
     *
     * @return list<Remark>
     */
    private function dips(): array
    {
        $remarks = [];
        foreach ($this->program->sense->calls as $call) {
            $short = array_filter(
                $this->spans[$call->id] ?? [],
                fn (array $span): bool => $span[1] - $span[0] < self::DIP && $span[1] < $this->flight->seconds() - 0.05,
            );
            if (
                $call->isAlarm() &&
                $call->hold < self::DIP &&
                $short !== [] &&
                $this->warnings->looksAt($call->id, Dimension::Voltage)
            ) {
                $first = array_values($short)[0];
                $remarks[] = new Remark(
                    'Sag',
                    PointLevel::Wrong,
                    "{$call->name} spoke for a dip of ".
                        max(0.1, round($first[1] - $first[0], 1)).
                        ' s under load, '.
                        count($short).
                        ' times in all: the voltage was back before you could land. Let it hold for '.
                        self::DIP.
                        ' s.',
                    $first[0],
                    $call->id,
                );
            }
        }

        return $remarks;
    }
}
