<?php

namespace DuskSwitch\App\Http;

use DuskSwitch\App\Program\Bench;
use DuskSwitch\Core\Edits\Differences;
use DuskSwitch\Core\Format\ProgramEncoder;
use DuskSwitch\Core\Link\LossEffect;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Solve\EditEffect;
use DuskSwitch\Core\Solve\PhaseReach;
use DuskSwitch\Core\Solve\PulseChange;
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
                $this->bench->summary($before->program),
                $this->bench->summary($circuit->program),
            ),
            'notes' => [...$notes, ...array_values($new)],
            'places' => $places,
            'pulses' => $this->pulses($before, $circuit, $finding),
        ]);
    }

    /** @return list<PulseChange> by channel, those on signal loss last */
    private function pulses(Circuit $before, Circuit $after, ?Finding $finding): array
    {
        $pulses = [
            ...EditEffect::between($before, $after, $finding?->witness, $finding?->channels() ?? []),
            ...LossEffect::between($before, $after),
        ];
        usort($pulses, fn (PulseChange $a, PulseChange $b): int => $a->channel <=> $b->channel);

        return $pulses;
    }
}
