<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Kit\Control;
use DuskSwitch\Core\Proof\ProofContext;
use DuskSwitch\Core\Proof\StateCause;
use DuskSwitch\Core\Proof\StateCauses;
use DuskSwitch\Core\Proof\StateCell;
use DuskSwitch\Core\Proof\StateMap;
use DuskSwitch\Core\Proof\StateWords;

/** Writes the map of states as plain values. */
final readonly class StateMapEncoder
{
    private StateWords $words;

    public function __construct(private ProofContext $context)
    {
        $this->words = new StateWords($context);
    }

    /** @return array<string, mixed> */
    public function map(): array
    {
        $map = StateMap::of($this->context);

        return [
            'switches' => array_map(
                fn (Control $control): array => [
                    'id' => $control->id,
                    'name' => $control->name,
                    'detents' => $control->detents,
                ],
                $map->switches,
            ),
            'cells' => array_map(
                fn (StateCell $cell): array => [
                    'hand' => array_map(fn (array $one): object => (object) $one, $this->words->hand($cell->hand)),
                    'says' => $this->words->say($cell->hand),
                    'phase' => implode(' or ', $cell->phases),
                    'armed' => $cell->armed,
                    'modes' => array_map($this->context->view->nameOf(...), $cell->modes),
                    'margin' => $cell->margin,
                    'odd' => $cell->odd,
                ],
                $map->cells,
            ),
            'causes' => array_map(
                fn (StateCause $cause): array => [
                    'says' => implode(
                        ', ',
                        array_map(
                            fn (int $place, string $detent): string => "{$map->switches[$place]->name} {$detent}",
                            array_keys($cause->detents),
                            $cause->detents,
                        ),
                    ),
                    'odd' => $cause->odd,
                    'cells' => $cause->cells,
                ],
                StateCauses::of($map),
            ),
            'complete' => $map->isComplete,
        ];
    }
}
