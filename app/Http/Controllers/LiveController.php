<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\App\Http\Body;
use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\App\Program\Bench;
use DuskSwitch\Core\Format\FrameEncoder;
use DuskSwitch\Core\Format\InputsDecoder;
use DuskSwitch\Core\Signal\Circuit;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What a program gives right now: of the saved revision, or of a draft that comes with the request. */
final readonly class LiveController
{
    public function __construct(private Bench $bench)
    {
    }

    public function frame(Request $request, Aircraft $aircraft): JsonResponse
    {
        $body = Body::of($request, ['inputs'], ['document', 'explain', 'function']);
        $circuit = $this->circuit($body, $aircraft);
        $inputs = InputsDecoder::set($body->need('inputs'), $circuit->panel);
        $channel = $body->node->at('explain')?->whole(1, 32);
        $function = $body->node->at('function')?->id();
        $body->done();
        $frame = $circuit->frame($inputs);
        $explanation = $channel === null ? null : $circuit->explain($channel, $frame);

        return new JsonResponse([
            ...FrameEncoder::frame($frame),
            'inputs' => FrameEncoder::inputs($inputs, $circuit->panel),
            'explanation' => $explanation === null ? null : FrameEncoder::explanation($explanation),
            'dot' => $function === null ? null : $circuit->dot($function, $frame),
        ]);
    }

    public function shape(Request $request, Aircraft $aircraft): JsonResponse
    {
        $body = Body::of($request, ['function'], ['document']);
        $function = $body->need('function')->id();
        $body->done();

        return new JsonResponse(['lines' => $this->circuit($body, $aircraft)->line($function)]);
    }

    private function circuit(Body $body, Aircraft $aircraft): Circuit
    {
        $draft = $body->raw('document');

        return $draft === null ? $this->bench->circuit($aircraft->current()->document) : $this->bench->read($draft);
    }
}
