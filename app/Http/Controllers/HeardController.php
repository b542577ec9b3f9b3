<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\App\Http\Body;
use DuskSwitch\App\Program\Bench;
use DuskSwitch\Core\Format\MomentDecoder;
use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Speech\Languages;
use DuskSwitch\Core\Speech\LiveVoice;
use DuskSwitch\Core\Speech\SpokenPhrase;
use DuskSwitch\Core\Telemetry\Values;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What a change under the hand says aloud. */
final readonly class HeardController
{
    public function __construct(private Bench $bench, private Catalogue $catalogue) {}

    public function heard(Request $request): JsonResponse
    {
        $body = Body::of($request, ['document', 'before', 'now']);
        $body->done();
        $circuit = $this->bench->read($body->raw('document'));
        $values = Values::of($circuit->program, $this->catalogue);
        [$before, $now] = [
            MomentDecoder::read($body->need('before'), $circuit->panel, $values),
            MomentDecoder::read($body->need('now'), $circuit->panel, $values),
        ];
        $body->done();
        $language = Languages::of($circuit->program);
        $voice = new LiveVoice($circuit->program, $circuit->panel->transmitter, $values, $language);

        return new JsonResponse([
            'said' => array_map(
                fn (SpokenPhrase $one): array => [
                    'text' => $one->offer->text,
                    'notes' => $one->offer->plays?->notes() ?? [],
                    'in' => round($one->from ?? 0.0, 2),
                    'priority' => $one->offer->priority->value,
                ],
                $voice->heard($before, $now),
            ),
        ]);
    }
}
