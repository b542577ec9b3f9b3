<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\App\Http\Body;
use DuskSwitch\App\Http\Proposal;
use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\App\Program\Bench;
use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Link\KitCompletion;
use DuskSwitch\Core\Link\KitVerdict;
use DuskSwitch\Core\Link\Lead;
use DuskSwitch\Core\Link\VerdictPoint;
use DuskSwitch\Core\Link\Wiring;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What is on the bench for a document: does it fit, and how is it wired. */
final readonly class KitController
{
    public function __construct(
        private Bench $bench,
        private Catalogue $catalogue,
        private Proposal $proposal,
    ) {}

    /** What follows from the parts that were chosen. */
    public function complete(Request $request): JsonResponse
    {
        $body = Body::of($request, ['document']);
        $body->done();
        $circuit = $this->bench->read($body->raw('document'));

        return $this->proposal->answer(
            $circuit,
            KitCompletion::of($circuit->program, $circuit->panel->transmitter, $this->catalogue),
        );
    }

    public function look(Request $request): JsonResponse
    {
        $body = Body::of($request, ['document'], ['aircraft']);
        $aircraft = $body->node->at('aircraft')?->whole(1, 999_999_999);
        $body->done();
        $circuit = $this->bench->read($body->raw('document'));
        $kit = InstalledKit::of($circuit->program, $circuit->panel->transmitter, $this->catalogue);

        return new JsonResponse([
            'verdict' => array_map(
                fn (VerdictPoint $one): array => [
                    'topic' => $one->topic,
                    'level' => $one->level->value,
                    'says' => $one->says,
                    'cure' => $one->cure,
                ],
                [...(new KitVerdict($kit))->points(), ...$this->memory($kit, $aircraft)],
            ),
            'leads' => array_map(
                fn (Lead $one): array => [
                    'from' => $one->from,
                    'to' => $one->to,
                    'by' => $one->by,
                    'kind' => $one->kind,
                ],
                (new Wiring($kit))->leads(),
            ),
        ]);
    }

    /** @return list<VerdictPoint> another aircraft at the same place of the same transmitter */
    private function memory(InstalledKit $kit, ?int $aircraft): array
    {
        $place = $kit->choice->memory;
        foreach ($place === null ? [] : Aircraft::withDocument()->whereKeyNot($aircraft ?? 0)->get() as $other) {
            $document = json_decode((string) $other->document);
            $theirs = $document->aboard->kit->memory ?? null;
            if ($other->transmitter === $kit->transmitter->id && $theirs === $place) {
                return [
                    VerdictPoint::wrong(
                        'Memory',
                        "{$other->name} lies at {$place} of {$kit->transmitter->name} too.",
                        'Give one of them another place: the wrong program flies another aircraft.',
                    ),
                ];
            }
        }

        return [];
    }
}
