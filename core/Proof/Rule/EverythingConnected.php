<?php

namespace DuskSwitch\Core\Proof\Rule;

use DuskSwitch\Core\Program\Gaps;
use DuskSwitch\Core\Proof\Evidence;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Rule;
use DuskSwitch\Core\Proof\Severity;
use DuskSwitch\Core\Solve\PhaseReach;

/** Nothing hangs in the air. */
final class EverythingConnected implements Rule
{
    public function id(): string
    {
        return 'everything-connected';
    }

    public function says(): string
    {
        return 'Every function is driven, every output is fed, every phase can be active.';
    }

    public function check(Evidence $evidence): array
    {
        return array_map(
            fn (string $gap): Finding => new Finding($this->id(), Severity::Warning, 'program', $gap),
            [...Gaps::of($evidence->program), ...PhaseReach::notes($evidence->circuit())],
        );
    }
}
