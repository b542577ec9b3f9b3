<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\App\Http\Body;
use DuskSwitch\App\Program\Bench;
use DuskSwitch\Core\Format\FrameEncoder;
use DuskSwitch\Core\Format\InputsDecoder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/**
 * What a program gives right now. The document comes with the request, saved or not: nothing is looked up
 * and nothing kept, so that a frame is as quick as it can be.
 */
final readonly class LiveController
{
    public function __construct(private Bench $bench) {}

    public function frame(Request $request): JsonResponse
    {
        $body = Body::of($request, ['document', 'inputs'], ['explain', 'function']);
        $body->done();
        $circuit = $this->bench->read($body->raw('document'));
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

    public function shape(Request $request): JsonResponse
    {
        $body = Body::of($request, ['document', 'function']);
        $function = $body->need('function')->id();
        $body->done();

        return new JsonResponse(['lines' => $this->bench->read($body->raw('document'))->line($function)]);
    }
}
