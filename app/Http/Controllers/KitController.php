<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\App\Http\Body;
use DuskSwitch\App\Program\Bench;
use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Link\KitVerdict;
use DuskSwitch\Core\Link\Lead;
use DuskSwitch\Core\Link\VerdictPoint;
use DuskSwitch\Core\Link\Wiring;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What is on the bench for a document: does it fit, and how is it wired. */
final readonly class KitController
{
    public function __construct(private Bench $bench, private Catalogue $catalogue) {}

    public function look(Request $request): JsonResponse
    {
        $body = Body::of($request, ['document']);
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
                (new KitVerdict($kit))->points(),
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
}
