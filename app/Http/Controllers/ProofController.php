<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\App\Http\Body;
use DuskSwitch\App\Http\Proposal;
use DuskSwitch\App\Program\Bench;
use DuskSwitch\App\Program\Prover;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\ProofEncoder;
use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Link\KitVerdict;
use DuskSwitch\Core\Link\VerdictPoint;
use DuskSwitch\Core\Proof\Proof;
use DuskSwitch\Core\Proof\ProofContext;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Solve\SafeFailsafe;
use DuskSwitch\Core\Solve\SlotSolver;
use DuskSwitch\Core\Telemetry\TelemetryCheck;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The proof of a document, saved or not, and the edits that it proposes. */
final readonly class ProofController
{
    public function __construct(
        private Bench $bench,
        private Prover $prover,
        private Proposal $proposal,
        private Catalogue $catalogue,
    ) {}

    public function prove(Request $request): JsonResponse
    {
        $body = Body::of($request, ['document']);
        $body->done();
        [$circuit, $context] = $this->read($body);
        $kit = InstalledKit::of($circuit->program, $circuit->panel->transmitter, $this->catalogue);
        $encoder = new ProofEncoder($context);
        $proof = Proof::of($context);

        return new JsonResponse([
            ...$encoder->proof($proof),
            'map' => $encoder->map(),
            'setup' => $encoder->setup(),
            'slots' => $encoder->slots(),
            'reach' => (object) array_map(fn (array $one): object => (object) $one, $encoder->reach()),
            'failsafe' => $encoder->failsafe($proof),
            'sense' => TelemetryCheck::unsettled($kit, $this->catalogue),
            'misfits' => count(
                array_filter(
                    (new KitVerdict($kit))->points(),
                    fn (VerdictPoint $one): bool => ! $one->level->isSettled(),
                ),
            ),
        ]);
    }

    public function mend(Request $request): JsonResponse
    {
        $body = Body::of($request, ['document', 'finding']);
        $key = $body->need('finding')->text(120);
        $body->done();
        [$circuit, $context] = $this->read($body);
        foreach (Proof::of($context)->findings as $finding) {
            if ($finding->key() === $key && $finding->mended !== null) {
                return $this->proposal->answer($circuit, $finding->mended, finding: $finding);
            }
        }
        throw Refused::because(
            'finding',
            'that finding is gone, or has no safe fix; look at the findings again',
        );
    }

    public function slots(Request $request): JsonResponse
    {
        $body = Body::of($request, ['document', 'channel']);
        $channel = $body->need('channel')->whole(1, 32);
        $body->done();
        [$circuit, $context] = $this->read($body);
        $solved = SlotSolver::solved(
            $circuit->program,
            $circuit->panel->transmitter,
            $channel,
            $context->setup->modes ?? [],
        );

        return $this->proposal->answer(
            $circuit,
            $solved ??
                throw Refused::because(
                    'channel',
                    "there is nothing to solve on channel {$channel}: every position is in the middle of its slot, ".
                        "or one has no slot of its name or can't reach it",
                ),
        );
    }

    public function failsafe(Request $request): JsonResponse
    {
        $body = Body::of($request, ['document']);
        $body->done();
        [$circuit, $context] = $this->read($body);

        return $this->proposal->answer(
            $circuit,
            SafeFailsafe::for($circuit->program, $circuit->panel->transmitter, $context->controller),
        );
    }

    /** @return array{Circuit, ProofContext} */
    private function read(Body $body): array
    {
        $circuit = $this->bench->read($body->raw('document'));

        return [$circuit, $this->prover->context($circuit)];
    }
}
