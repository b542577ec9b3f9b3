<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\App\Http\Body;
use DuskSwitch\App\Http\Proposal;
use DuskSwitch\App\Program\Bench;
use DuskSwitch\Core\Airframe\SurfaceCheck;
use DuskSwitch\Core\Airframe\SurfaceMove;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\InputsDecoder;
use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Kit\Controller;
use DuskSwitch\Core\Kit\Motor;
use DuskSwitch\Core\Kit\Place;
use DuskSwitch\Core\Link\ArmingCheck;
use DuskSwitch\Core\Link\BoardState;
use DuskSwitch\Core\Link\VerdictPoint;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Solve\BoardTurn;
use DuskSwitch\Core\Solve\EndsCentre;
use DuskSwitch\Core\Solve\Jitter;
use DuskSwitch\Core\Solve\MotorCheck;
use DuskSwitch\Core\Solve\ObservedMovement;
use DuskSwitch\Core\Solve\OrderAndReversal;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Readings from the bench, and the edits that they ask for. */
final readonly class BenchController
{
    public function __construct(private Bench $bench, private Proposal $proposal, private Catalogue $catalogue) {}

    public function ends(Request $request): JsonResponse
    {
        $body = Body::of($request, ['document', 'channel', 'low', 'centre', 'high']);
        $channel = $body->need('channel')->whole(1, 32);
        [$low, $centre, $high] = array_map(fn (string $key): float => $body->need($key)->number(500, 2500), [
            'low',
            'centre',
            'high',
        ]);
        $body->done();
        $circuit = $this->bench->read($body->raw('document'));

        return $this->proposal->answer(
            $circuit,
            EndsCentre::calibrated($circuit, $this->output($circuit, $channel), $low, $centre, $high),
        );
    }

    public function jitter(Request $request): JsonResponse
    {
        $body = Body::of($request, ['document', 'channel', 'least', 'most']);
        $channel = $body->need('channel')->whole(1, 32);
        [$least, $most] = [$body->need('least')->number(500, 2500), $body->need('most')->number(500, 2500)];
        $body->done();
        $circuit = $this->bench->read($body->raw('document'));

        return $this->proposal->answer(
            $circuit,
            Jitter::quiet($circuit, $this->output($circuit, $channel), $least, $most),
        );
    }

    public function order(Request $request): JsonResponse
    {
        $body = Body::of($request, ['document', 'seen']);
        $seen = array_map(function (JsonCursor $item): ObservedMovement {
            $item->keys(['stick', 'moved', 'rightWay']);

            return new ObservedMovement(
                $item->at('stick')?->choice(Axis::class) ?? Axis::Roll,
                $item->at('moved')?->choice(Axis::class) ?? Axis::Roll,
                $item->at('rightWay')?->flag() ?? true,
            );
        }, $body->need('seen')->items(4, 1));
        $body->done();
        $circuit = $this->bench->read($body->raw('document'));

        $solved = OrderAndReversal::solve($circuit->program, $seen);

        return $this->proposal->answer($circuit, $solved, OrderAndReversal::notes($circuit->program, $solved));
    }

    /** What each surface has to do. */
    public function surfaces(Request $request): JsonResponse
    {
        $body = Body::of($request, ['document']);
        $body->done();

        return new JsonResponse([
            'moves' => array_map(
                fn (SurfaceMove $one): array => [
                    'channel' => $one->channel,
                    'name' => $one->name,
                    'stick' => $one->stick->value,
                    'push' => $one->push,
                    'goes' => $one->goes,
                ],
                SurfaceCheck::moves($this->bench->read($body->raw('document'))),
            ),
        ]);
    }

    /** The reversals that what was seen of the surfaces asks for. */
    public function turned(Request $request): JsonResponse
    {
        $body = Body::of($request, ['document', 'seen']);
        $seen = [];
        foreach ($body->need('seen')->items(64, 1) as $item) {
            $item->keys(['channel', 'stick', 'rightWay']);
            $seen[$item->at('channel')?->whole(1, 32) ?? 0][$item->at('stick')?->choice(Axis::class)->value ?? ''] =
                $item->at('rightWay')?->flag() ?? true;
        }
        $body->done();
        $circuit = $this->bench->read($body->raw('document'));

        return $this->proposal->answer($circuit, SurfaceCheck::solve($circuit->program, $seen));
    }

    /** Why the controller won't arm, with the hand and the board as they are. */
    public function arming(Request $request): JsonResponse
    {
        $body = Body::of($request, ['document', 'inputs', 'board']);
        $board = $body->need('board');
        $board->keys(['link', 'level', 'session', 'satellites', 'sensors', 'seenOff']);
        $state = new BoardState(
            $board->at('link')?->flag() ?? true,
            $board->at('level')?->flag() ?? true,
            $board->at('session')?->flag() ?? false,
            $board->at('satellites')?->whole(0, 60) ?? 0,
            $board->at('sensors')?->flag() ?? true,
            $board->at('seenOff')?->flag() ?? true,
        );
        $body->done();
        $circuit = $this->bench->read($body->raw('document'));
        $inputs = InputsDecoder::set($body->need('inputs'), $circuit->panel);
        $body->done();
        $arming = new ArmingCheck($circuit->program, $this->controller($circuit));
        $frame = $circuit->frame($inputs);
        $blockers = $arming->blockers($frame, $state);

        return new JsonResponse([
            'asked' => $arming->isAsked($frame),
            'armed' => $arming->isAsked($frame) && $blockers === [],
            'blockers' => array_map(
                fn (VerdictPoint $one): array => [
                    'topic' => $one->topic,
                    'says' => $one->says,
                    'cure' => $one->cure ?? '',
                ],
                $blockers,
            ),
        ]);
    }

    /** Motors one at a time against the controller's drawing. */
    public function motors(Request $request): JsonResponse
    {
        $body = Body::of($request, ['document', 'seen']);
        $seen = [];
        foreach ($body->need('seen')->items(12) as $item) {
            $item->keys(['number', 'place', 'turned']);
            $turned = $item->at('turned')?->text() ?? '';
            if (! in_array($turned, ['clockwise', 'counter-clockwise', 'jitters', 'still'], true)) {
                $item->at('turned')?->fault('must be clockwise, counter-clockwise, jitters or still');
            }
            $seen[$item->at('number')?->whole(1, 12) ?? 0] = [$item->at('place')?->text(40) ?? '', $turned];
        }
        $body->done();
        $circuit = $this->bench->read($body->raw('document'));
        $motors = $this->controller($circuit)->motors;

        return new JsonResponse([
            'motors' => array_map(
                fn (Motor $motor, Place $at): array => [
                    'at' => [round($at->x, 1), round($at->y, 1)],
                    'number' => $motor->number,
                    'place' => $motor->place,
                    'clockwise' => $motor->clockwise,
                    'trouble' => isset($seen[$motor->number])
                        ? MotorCheck::verdict($motor, ...$seen[$motor->number])
                        : null,
                ],
                $motors,
                Motor::drawn($motors),
            ),
        ]);
    }

    private function output(Circuit $circuit, int $channel): Output
    {
        return $circuit->program->output($channel) ??
            throw Refused::because('channel', "there is no output on channel {$channel}");
    }

    private function controller(Circuit $circuit): Controller
    {
        return $this->catalogue->controller($circuit->program->controller ?? '') ??
            throw Refused::because(
                'controller',
                'there is no controller in this aircraft\'s kit; choose one on Kit first',
            );
    }

    public function board(Request $request): JsonResponse
    {
        $body = Body::of($request, ['roll', 'pitch', 'yaw']);
        $turned = array_map(
            function (string $key) use ($body): array {
                $node = $body->need($key);
                $node->keys(['moved', 'rightWay']);

                return [$node->at('moved')?->id() ?? '', $node->at('rightWay')?->flag() ?? true];
            },
            ['roll', 'pitch', 'yaw'],
        );
        $body->done();
        $found = BoardTurn::explain(...$turned);

        return new JsonResponse(['yaw' => $found->yaw, 'flipped' => $found->flipped, 'says' => $found->says()]);
    }
}
