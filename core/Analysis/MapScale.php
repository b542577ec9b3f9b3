<?php

namespace DuskSwitch\Core\Analysis;

use DuskSwitch\Core\Units\Dimension;
use DuskSwitch\Core\Units\UnitSystem;

/** What a picture from above is measured by: rings around home, and a bar, of round numbers in the pilot's unit. */
final readonly class MapScale
{
    /**
     * @param  list<array{metres: float, says: string}>  $rings
     * @param  array{metres: float, says: string}  $bar
     */
    private function __construct(public array $rings, public array $bar) {}

    /** @param  float  $around  metres from the middle that are drawn, above nought */
    public static function of(float $around, UnitSystem $system): self
    {
        $unit = $system->unit(Dimension::Length);
        $length = fn (float $is): array => [
            'metres' => round($unit->toBase($is), 2),
            'says' => round($is).' '.$unit->shown(),
        ];
        // So round that three or so rings fit.
        $rough = $unit->fromBase($around) / 3;
        $ten = 10 ** floor(log10($rough));
        $step = match (true) {
            5 * $ten <= $rough => 5 * $ten,
            2 * $ten <= $rough => 2 * $ten,
            default => $ten,
        };

        return new self(
            array_map(
                fn (int $ring): array => $length($ring * $step),
                range(1, max(1, (int) floor($unit->fromBase($around) / $step))),
            ),
            $length($step),
        );
    }
}
