<?php

namespace DuskSwitch\App\Http;

use DuskSwitch\App\Program\Bench;
use DuskSwitch\Core\Format\ProgramEncoder;
use DuskSwitch\Core\Program\Differences;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\ProgramSummary;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Solve\EditEffect;
use DuskSwitch\Core\Solve\PhaseReach;
use Illuminate\Http\JsonResponse;

/** A document as an edit would leave it, with what that changes. */
final readonly class Proposal
{
    public function __construct(private Bench $bench) {}

    /**
     * @param  list<string>  $notes  what the pilot should know before taking it
     * @param  list<string>  $places  what is where afterwards
     * @param  Finding|null  $finding  what it's the fix of
     */
    public function answer(
        Circuit $before,
        Program $after,
        array $notes = [],
        array $places = [],
        ?Finding $finding = null,
    ): JsonResponse {
        // What is proposed must run.
        $document = json_decode(ProgramEncoder::encode($after));
        $circuit = $this->bench->read($document);
        $new = array_diff(PhaseReach::notes($circuit), PhaseReach::notes($before));

        return new JsonResponse([
            'document' => $document,
            'changes' => Differences::between(
                ProgramSummary::of($before->program, $before->panel->transmitter),
                ProgramSummary::of($circuit->program, $circuit->panel->transmitter),
            ),
            'notes' => [...$notes, ...array_values($new)],
            'places' => $places,
            'pulses' => EditEffect::between($before, $circuit, $finding?->witness, $finding?->channels() ?? []),
        ]);
    }
}
