<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Link\LinkLoss;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Signal\Frame;

/** What arrives at the aircraft: the frame while the link holds, then what the receiver does on signal loss. */
final class Reception
{
    private ?float $lostAt = null;

    private ?Frame $lastHeard = null;

    public function __construct(
        private readonly Program $program,
        private readonly RadioLink $radio,
        private readonly FlightSlots $slots,
        private readonly FlightModel $model,
    ) {}

    /** True where the frame that is sent at a time doesn't arrive. */
    public function isLost(float $time, Body $body, Frame $frame): bool
    {
        $lost = $this->radio->isDark($time) || $this->radio->margin($time, $body) < 0;
        if (! $lost) {
            [$this->lostAt, $this->lastHeard] = [null, $frame];
        }
        $this->lostAt ??= $lost ? $time : null;

        return $lost;
    }

    /** @return list<int|null> µs in the order of the outputs; null where there's no pulse */
    public function pulses(Frame $frame, float $time): array
    {
        return $this->lostAt !== null && $this->lastHeard !== null
            ? array_values($this->onLoss($this->lastHeard, $time))
            : $this->slots->pulses($frame);
    }

    /** True where a motor turns. */
    public function motorRuns(Frame $frame, float $time): bool
    {
        if ($this->lostAt === null) {
            return $this->slots->isArmed($frame) && $this->slots->runs($frame, $this->model);
        }
        // A multirotor's controller keeps it up on its own way home, where it has a mode that saves.
        if ($this->model->hovers && $this->program->family === Family::Multirotor) {
            return $this->lastHeard !== null;
        }
        $pulses = $this->lastHeard === null ? [] : $this->onLoss($this->lastHeard, $time);

        return array_filter(
            $this->slots->motors,
            fn (int $channel): bool => $this->model->turns($pulses[$channel] ?? null),
        ) !== [];
    }

    /** @return array<int, int|null> µs by channel */
    private function onLoss(Frame $heard, float $time): array
    {
        return LinkLoss::pulses($this->program, $heard, $time - (float) $this->lostAt);
    }
}
