<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Flight\EventKind;
use DuskSwitch\Core\Flight\FlightEvent;
use DuskSwitch\Core\Flight\Recording;
use DuskSwitch\Core\Flight\TrackColumn;
use DuskSwitch\Core\Link\PointLevel;
use DuskSwitch\Core\Telemetry\Values;
use DuskSwitch\Core\Units\Dimension;

/** How it flew: take-off, ground, the script, height and stall. */
final readonly class FlightRemarks
{
    /** Metres over the field that must often not be passed (common practice; local law decides). */
    public const LIMIT = 120.0;

    public function __construct(private Recording $flight, private Values $values) {}

    /** @return list<Remark> */
    public function remarks(): array
    {
        return [...$this->flew(), ...$this->cameDown(), ...$this->script(), ...$this->height(), ...$this->stall()];
    }

    /** @return list<Remark> */
    private function flew(): array
    {
        return ! $this->flight->track->knows(TrackColumn::Flies) ||
            $this->flight->firstRow(TrackColumn::Flies, fn (float $one): bool => $one > 0.0) !== null
            ? []
            : [
                new Remark(
                    'Take-off',
                    PointLevel::Wrong,
                    'It never took off: with this program the motor doesn\'t run when the pilot has made it ready. '.
                        'Look at arm, cut or hold, and at the throttle\'s way to the motor.',
                ),
            ];
    }

    /** @return list<Remark> where it met the ground in a stretch that didn't mean to land */
    private function cameDown(): array
    {
        return array_map(function (FlightEvent $one): Remark {
            $row = $this->flight->rowAt($one->at);
            $east = $this->flight->track->at($row, TrackColumn::East);
            $north = $this->flight->track->at($row, TrackColumn::North);
            $far =
                $east === null || $north === null
                    ? ''
                    : ", {$this->values->say(hypot($east, $north), Dimension::Length)} from home";

            return new Remark(
                'Ground',
                PointLevel::Wrong,
                'It came down '.Remark::clock($one->at)." {$one->says}{$far}.",
                $one->at,
            );
        }, $this->flight->events(EventKind::Ground));
    }

    /**
     * @return list<Remark> what the script asks for that this program doesn't have, and where it leaves the aircraft
     */
    private function script(): array
    {
        $remarks = array_map(
            fn (FlightEvent $one): Remark => new Remark(
                'Script',
                PointLevel::Look,
                "The script asks for what there isn't: {$one->says}.",
                $one->at,
            ),
            $this->flight->events(EventKind::Unknown),
        );
        $last = count($this->flight->samples) - 1;
        if ($this->flight->track->at($last, TrackColumn::Flies) !== 1.0) {
            return $remarks;
        }
        $height = $this->flight->track->at($last, TrackColumn::Height) ?? 0.0;

        return [
            ...$remarks,
            new Remark(
                'Script',
                PointLevel::Look,
                'The script ends in the air, at '.
                    $this->values->say($height, Dimension::Length).
                    ': nothing was learned of the way down.',
                $this->flight->seconds(),
            ),
        ];
    }

    /** @return list<Remark> */
    private function height(): array
    {
        $over = $this->flight->spans(TrackColumn::Height, fn (float $one): bool => $one > self::LIMIT);
        if ($over === []) {
            return [];
        }
        $seconds = round(array_sum(array_map(fn (array $span): float => $span[1] - $span[0], $over)));
        $heights = array_filter($this->flight->track->column(TrackColumn::Height) ?? [], is_float(...));

        return [
            new Remark(
                'Height',
                PointLevel::Look,
                "Above {$this->values->say(
                    self::LIMIT,
                    Dimension::Length,
                )} for {$seconds} s, at most {$this->values->say(
                    max([0.0, ...$heights]),
                    Dimension::Length,
                )}. Local law decides how high you may fly.",
                $over[0][0],
            ),
        ];
    }

    /** @return list<Remark> */
    private function stall(): array
    {
        $stall = $this->flight->stall ?? 0.0;
        $flown = [];
        foreach ($this->flight->track->column(TrackColumn::Airspeed) ?? [] as $row => $airspeed) {
            $flies = $this->flight->track->at($row, TrackColumn::Flies) === 1.0;
            if ($airspeed !== null && $flies && $this->flight->track->at($row, TrackColumn::Height) > 5) {
                $flown[] = $airspeed;
            }
        }
        if ($stall <= 0 || $flown === []) {
            return [];
        }
        $slowest = min($flown);
        $margin = round(100 * ($slowest / $stall - 1));

        return [
            new Remark(
                'Stall',
                $margin < 15 ? PointLevel::Look : PointLevel::Fine,
                'Slowest in the air '.
                    $this->values->say($slowest, Dimension::Speed).
                    ', '.
                    ($margin < 0 ? 'below' : "{$margin} % above").
                    ' the stall of this simple aircraft.',
            ),
        ];
    }
}
