<?php

namespace DuskSwitch\Core\Program\Condition;

use DuskSwitch\Core\Document\Naming;

/** Something that holds, doesn't hold, or is unknown: of controls, functions, steps, phases and telemetry. */
interface Condition extends Naming
{
    /** @return list<Condition> the conditions inside it; none where it stands alone */
    public function parts(): array;

    /**
     * The same condition of other parts.
     *
     * @param  list<Condition>  $parts  as many as {@see Condition::parts()} gives
     */
    public function with(array $parts): self;
}
