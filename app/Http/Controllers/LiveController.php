<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\App\Http\Body;
use DuskSwitch\App\Program\Bench;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Format\FrameEncoder;
use DuskSwitch\Core\Format\InputsDecoder;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\Compiler;
use DuskSwitch\Core\Signal\State;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/**
 * What a program gives right now. The document comes with the request, saved or not: nothing is looked up
 * and nothing kept, so that a frame is as quick as it can be.
 */
final readonly class LiveController
{
    /** A second: who was away longer finds everything settled. */
    private const MOST_TICKS = 50;

    public function __construct(private Bench $bench) {}

    public function frame(Request $request): JsonResponse
    {
        $body = Body::of($request, ['document', 'inputs'], ['explain', 'function', 'ticks', 'state']);
        $body->done();
        $circuit = $this->bench->read($body->raw('document'));
        $inputs = InputsDecoder::set($body->need('inputs'), $circuit->panel);
        $channel = $body->node->at('explain')?->whole(1, 32);
        $function = $body->node->at('function')?->id();
        $ticks = $body->node->at('ticks')?->whole(1, self::MOST_TICKS);
        $state = self::state($body->node->at('state'), $circuit);
        $body->done();
        $frame = $ticks === null ? $circuit->frame($inputs) : null;
        for ($left = $ticks ?? 0; $left > 0; $left--) {
            $tick = $circuit->tick($inputs, $state);
            [$frame, $state] = [$tick->frame, $tick->state];
        }
        $explanation = $channel === null ? null : $circuit->explain($channel, $frame, $state);

        return new JsonResponse([
            ...FrameEncoder::frame($frame),
            'inputs' => FrameEncoder::inputs($inputs, $circuit->panel),
            'explanation' => $explanation === null ? null : FrameEncoder::explanation($explanation),
            'state' => $state?->memory,
            'settlesIn' => $circuit->settlesIn,
            'meant' => FrameEncoder::meant($frame, $circuit->program),
            'turning' => FrameEncoder::turning($frame, $circuit->program),
            'dot' => $function === null ? null : $circuit->dot($function, $frame, $state),
        ]);
    }

    /** What the tick before gave; null where there was none, or where it was another program's. */
    private static function state(?JsonCursor $node, Circuit $circuit): ?State
    {
        if ($node === null || $node->isNull()) {
            return null;
        }
        $memory = array_map(
            fn (JsonCursor $item): float => $item->number(-1e12, 1e12),
            $node->items(Compiler::MOST_REMEMBERED),
        );

        return count($memory) === $circuit->remembers ? new State($memory) : null;
    }

    public function shape(Request $request): JsonResponse
    {
        $body = Body::of($request, ['document'], ['function', 'curve']);
        $function = $body->node->at('function')?->id();
        $curve = $body->node->at('curve')?->id();
        $body->done();
        $circuit = $this->bench->read($body->raw('document'));

        return new JsonResponse([
            'lines' => $function === null ? null : $circuit->line($function),
            'curve' => $curve === null ? null : $circuit->curve($curve),
        ]);
    }
}
