<?php

namespace DuskSwitch\App\Program;

use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Proof\ProofContext;
use DuskSwitch\Core\Signal\Circuit;

/** Brings a program together with the kit that it names. */
final readonly class Prover
{
    public function __construct(private Catalogue $catalogue) {}

    /** What the proof looks at; kit that isn't in Equipment is left out. */
    public function context(Circuit $circuit): ProofContext
    {
        $program = $circuit->program;

        return new ProofContext(
            $program,
            $circuit->panel->transmitter,
            $this->catalogue->receiver($program->receiver ?? ''),
            $this->catalogue->controller($program->controller ?? ''),
        );
    }
}
