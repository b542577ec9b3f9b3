<?php

namespace DuskSwitch\Core\Proof\Rule;

use DuskSwitch\Core\Kit\Mode;
use DuskSwitch\Core\Kit\Slot;
use DuskSwitch\Core\Program\PartKind;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Judgement;
use DuskSwitch\Core\Proof\ProofContext;
use DuskSwitch\Core\Proof\Rule;
use DuskSwitch\Core\Proof\Severity;
use DuskSwitch\Core\Proof\Subject;

/** Come home without a GPS flies away. */
final class ModeNeedsSensor implements Rule
{
    public function id(): string
    {
        return 'mode-needs-sensor';
    }

    public function subject(): Subject
    {
        return Subject::ModeNeeds;
    }

    public function says(): string
    {
        return 'A mode that has a range finds aboard what it needs: come home needs a GPS on one of the '.
            'controller\'s ports.';
    }

    public function judge(ProofContext $context): Judgement
    {
        $ranged = array_unique(array_map(fn (Slot $one): string => $one->mode, $context->setup->modes ?? []));
        $needy = array_filter(
            array_map($context->view->mode(...), $ranged),
            fn (?Mode $one): bool => $one !== null && $one->needs !== [],
        );
        if ($needy === []) {
            return Judgement::doesNotApply('no mode with a range needs a sensor of its own');
        }
        $found = [];
        foreach ($needy as $mode) {
            foreach ($mode->needs as $sensor) {
                if (! $context->program->aboard->kit->has(PartKind::from($sensor))) {
                    $found[] = new Finding(
                        $this->id(),
                        Severity::Warning,
                        'program',
                        "{$mode->name} needs a ".
                            strtoupper($sensor).
                            ', and none is on a port of the controller. Say in Kit on which port it is, or take the '.
                            'mode\'s range away',
                        detail: "{$mode->id} {$sensor}",
                    );
                }
            }
        }

        return Judgement::of($found);
    }
}
