<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Flight\LastPosition;
use DuskSwitch\Core\Flight\Recording;
use DuskSwitch\Core\Link\PointLevel;
use DuskSwitch\Core\Telemetry\Values;
use DuskSwitch\Core\Units\Dimension;

/** Where one would look for it, had it come down when the link went. */
final readonly class SearchRemarks
{
    public function __construct(private Recording $flight, private Values $values, private ?LastPosition $last) {}

    /** @return list<Remark> nothing where the link held */
    public function remarks(): array
    {
        $last = $this->last;
        if ($last === null) {
            return $this->nothingKnown();
        }
        $metres = fn (float $one): string => $this->values->say($one, Dimension::Length);
        $glides = $last->rings->glides === null ? '' : ", within {$metres($last->rings->glides)} where it glides";

        return [
            new Remark(
                'Last position',
                PointLevel::Look,
                'Had it come down when the link went: look at '.
                    sprintf('%.5f, %.5f', $last->latitude, $last->longitude).
                    ($last->isFlat() ? ', its height unknown' : ", where it was {$metres($last->height ?? 0.0)} high").
                    "; within {$metres($last->rings->falls)} where it falls{$glides}.",
                $last->lost,
            ),
        ];
    }

    /** @return list<Remark> */
    private function nothingKnown(): array
    {
        $lost = LastPosition::lost($this->flight);

        return $lost === null
            ? []
            : [
                new Remark(
                    'Last position',
                    PointLevel::Open,
                    'The link went, and nothing had sent a position: nobody knows where to look. A GPS tells.',
                    $lost,
                ),
            ];
    }
}
