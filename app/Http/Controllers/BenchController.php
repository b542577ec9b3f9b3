<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\App\Http\Body;
use DuskSwitch\App\Http\Proposal;
use DuskSwitch\App\Program\Bench;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\Node;
use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\Source\FunctionSource;
use DuskSwitch\Core\Solve\BoardTurn;
use DuskSwitch\Core\Solve\EndsCentre;
use DuskSwitch\Core\Solve\OrderAndReversal;
use DuskSwitch\Core\Solve\Seen;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Readings from the bench, and the edits that they ask for. */
final readonly class BenchController
{
    public function __construct(private Bench $bench, private Proposal $proposal) {}

    public function ends(Request $request): JsonResponse
    {
        $body = Body::of($request, ['document', 'channel', 'low', 'centre', 'high']);
        $channel = $body->need('channel')->whole(1, 32);
        [$low, $centre, $high] = array_map(fn (string $key): float => $body->need($key)->number(500, 2500), ['low', 'centre', 'high']);
        $body->done();
        $circuit = $this->bench->read($body->raw('document'));
        $output = $circuit->program->output($channel) ?? throw Refused::because('channel', "there is no output on channel {$channel}");
        $source = $output->feeds[0]->source ?? null;
        $solved = EndsCentre::solve($output, $circuit->panel->transmitter, $low, $centre, $high, ! ($source instanceof FunctionSource && $source->function === 'throttle'));

        return $this->proposal->answer($circuit, $circuit->program->with(outputs: array_map(fn (Output $one): Output => $one->channel === $channel ? $solved : $one, $circuit->program->outputs)));
    }

    public function order(Request $request): JsonResponse
    {
        $body = Body::of($request, ['document', 'seen']);
        $seen = array_map(function (Node $item): Seen {
            $item->keys(['stick', 'moved', 'rightWay']);

            return new Seen($item->at('stick')?->choice(Axis::class) ?? Axis::Roll, $item->at('moved')?->choice(Axis::class) ?? Axis::Roll, $item->at('rightWay')?->flag() ?? true);
        }, $body->need('seen')->items(4, 1));
        $body->done();
        $circuit = $this->bench->read($body->raw('document'));

        return $this->proposal->answer($circuit, OrderAndReversal::solve($circuit->program, $seen));
    }

    public function board(Request $request): JsonResponse
    {
        $body = Body::of($request, ['roll', 'pitch', 'yaw']);
        $turned = array_map(function (string $key) use ($body): array {
            $node = $body->need($key);
            $node->keys(['moved', 'rightWay']);

            return [$node->at('moved')?->id() ?? '', $node->at('rightWay')?->flag() ?? true];
        }, ['roll', 'pitch', 'yaw']);
        $body->done();
        $found = BoardTurn::explain(...$turned);

        return new JsonResponse(['yaw' => $found->yaw, 'flipped' => $found->flipped, 'says' => $found->says()]);
    }
}
