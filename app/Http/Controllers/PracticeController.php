<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\App\Http\Body;
use DuskSwitch\App\Program\Bench;
use DuskSwitch\Core\Airframe\SurfaceCheck;
use DuskSwitch\Core\Airframe\SurfaceMove;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Kit\Motor;
use DuskSwitch\Core\Link\ControllerPort;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Solve\BoardTurn;
use DuskSwitch\Core\Solve\EndsCentre;
use DuskSwitch\Core\Solve\OrderAndReversal;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What the stand-in controller and its aircraft answer on the bench, for practice. */
final readonly class PracticeController
{
    public function __construct(private Bench $bench, private Catalogue $catalogue, private ControllerPort $standIn) {}

    /** What one channel reads, in µs. */
    public function reading(Request $request): JsonResponse
    {
        $body = Body::of($request, ['document', 'channel']);
        $channel = $body->need('channel')->whole(1, 32);
        $body->done();
        $circuit = $this->bench->read($body->raw('document'));
        $output =
            $circuit->program->output($channel) ??
            throw Refused::because('channel', "there is no output on channel {$channel}");
        [$low, $centre, $high] = array_map(
            fn (float $pulse): array => $this->standIn->reads($channel, $pulse),
            EndsCentre::sent($output, $circuit->panel->transmitter),
        );
        $middle = fn (array $read): float => round(array_sum($read) / 2, 1);

        return new JsonResponse([
            'low' => $middle($output->reverse ? $high : $low),
            'centre' => $middle($centre),
            'high' => $middle($output->reverse ? $low : $high),
            'least' => round($centre[0], 1),
            'most' => round($centre[1], 1),
        ]);
    }

    /** What everything else does when it is moved. */
    public function answers(Request $request): JsonResponse
    {
        $body = Body::of($request, ['document']);
        $body->done();
        $circuit = $this->bench->read($body->raw('document'));
        $program = $circuit->program;
        $motors = $this->catalogue->controller($program->controller ?? '')->motors ?? [];
        [$roll, $pitch, $yaw] = array_map(
            fn (array $seen): array => ['moved' => $seen[0], 'rightWay' => $seen[1]],
            BoardTurn::picture($this->standIn->boardYaw(), false),
        );

        return new JsonResponse([
            'order' => array_values(
                array_filter(array_map(fn (Axis $stick): ?array => $this->stick($program, $stick), Axis::cases())),
            ),
            'board' => ['roll' => $roll, 'pitch' => $pitch, 'yaw' => $yaw],
            'surfaces' => array_map(
                fn (SurfaceMove $move): array => [
                    'channel' => $move->channel,
                    'stick' => $move->stick->value,
                    'rightWay' => $this->standIn->turnsRight(
                        $move->channel,
                        $program->output($move->channel)->reverse ?? false,
                    ),
                ],
                SurfaceCheck::moves($circuit),
            ),
            'motors' => array_map(function (Motor $motor) use ($motors): array {
                [$place, $turned] = $this->standIn->spins($motor, $motors);

                return ['number' => $motor->number, 'place' => $place, 'turned' => $turned];
            }, $motors),
        ]);
    }

    /** @return array{stick: string, moved: string, rightWay: bool}|null */
    private function stick(Program $program, Axis $stick): ?array
    {
        $order =
            $this->catalogue->controller($program->controller ?? '')?->setUp($program->aboard->controller)->order ?? [];
        $channel = OrderAndReversal::carries($program, $stick);
        $answer =
            $channel === null
                ? null
                : $this->standIn->answers(
                    $order === [] ? ['roll', 'pitch', 'throttle', 'yaw'] : $order,
                    $channel,
                    $program->output($channel)->reverse ?? false,
                );

        return $answer === null
            ? null
            : ['stick' => $stick->value, 'moved' => $answer[0]->value, 'rightWay' => $answer[1]];
    }
}
