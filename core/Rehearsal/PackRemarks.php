<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Flight\PackCharge;
use DuskSwitch\Core\Flight\Recording;
use DuskSwitch\Core\Flight\TrackColumn;
use DuskSwitch\Core\Link\PointLevel;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Telemetry\Callout;
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
        $pack = $this->flight->pack;

        return $pack === null || ! $this->flight->track->knows(TrackColumn::Used)
            ? [
                new Remark(
                    'Pack',
                    PointLevel::Open,
                    $pack === null
                        ? 'How much the pack had left is not checked: nobody said which pack it was. Choose it.'
                        : 'How much the pack had left is not checked: nothing in this recording counts used capacity.',
                ),
                ...$this->dips(),
            ]
            : [...$this->notFull($pack), ...$this->pack($pack), ...$this->dips()];
    }

    /** @return list<Remark> */
    private function notFull(PackCharge $pack): array
    {
        $full = round(100 * $pack->left(0.0));

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
    private function pack(PackCharge $pack): array
    {
        $used = array_filter($this->flight->track->column(TrackColumn::Used) ?? [], is_float(...));
        $first = $this->warnings->first(...self::TELLS);
        $left = round(100 * $pack->left((float) end($used)));
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
        $empty = $this->empty($pack, $first);
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

    /** Seconds at which the pack is empty, at the mean current up to a time. */
    private function empty(PackCharge $pack, float $from): float
    {
        $track = $this->flight->track;
        $empty = $this->flight->firstRow(TrackColumn::Used, fn (float $one): bool => $one >= $pack->held);
        if ($empty !== null && $this->flight->time($empty) >= $from) {
            return $this->flight->time($empty);
        }
        $begin = $this->flight->rowAt($from);
        $flown = [];
        for ($row = 0; $row <= $begin; $row++) {
            if ($track->at($row, TrackColumn::Flies) !== 0.0) {
                $flown[] = $track->at($row, TrackColumn::Current) ?? 0.0;
            }
        }
        $amperes = $flown === [] ? 0.0 : array_sum($flown) / count($flown);
        $used = $track->at($begin, TrackColumn::Used) ?? 0.0;

        return $amperes > 0 ? $from + (($pack->held - $used) * 3.6) / $amperes : INF;
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
