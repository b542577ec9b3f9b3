<?php

namespace DuskSwitch\Core\Move;

use DuskSwitch\Core\Kit\Control;

/** Where a control of one transmitter goes on another. */
final readonly class ControlPlacement
{
    /** @var array<string, string> the new detent by the old one; an old one that is missing can't be had */
    public array $detents;

    public function __construct(public Control $from, public Control $to)
    {
        $map = [];
        foreach ($from->detents as $detent) {
            $same = match ($detent) {
                'pressed' => 'away',
                'released' => 'toward',
                default => $detent,
            };
            // A button stands in for a switch's ends, and the other way round.
            $there = in_array($detent, $to->detents, true)
                ? $detent
                : (in_array($same, $to->detents, true)
                    ? $same
                    : ['away' => 'pressed', 'toward' => 'released'][$detent] ?? null);
            if ($there !== null && in_array($there, $to->detents, true)) {
                $map[$detent] = $there;
            }
        }
        $this->detents = $map;
    }

    /** True where a detent of the old control has no place on the new one. */
    public function losesDetents(): bool
    {
        return count($this->detents) < count($this->from->detents);
    }
}
