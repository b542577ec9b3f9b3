<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\App\Http\Body;
use DuskSwitch\App\Http\Proposal;
use DuskSwitch\App\Program\Bench;
use DuskSwitch\App\Program\Clips;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\ConditionDecoder;
use DuskSwitch\Core\Format\ConditionEncoder;
use DuskSwitch\Core\Format\TelemetryReport;
use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Program\Condition\SensorLevel;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Rehearsal\Scenarios;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Telemetry\BusTrouble;
use DuskSwitch\Core\Telemetry\CallEdit;
use DuskSwitch\Core\Telemetry\CurrentScale;
use DuskSwitch\Core\Telemetry\Discovery;
use DuskSwitch\Core\Telemetry\FoundValue;
use DuskSwitch\Core\Telemetry\SensorChain;
use DuskSwitch\Core\Telemetry\SlotPlan;
use DuskSwitch\Core\Telemetry\Threshold;
use DuskSwitch\Core\Telemetry\Values;
use DuskSwitch\StandIn\SimulatedBus;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Sensors, values, alarms and callouts of a document. */
final readonly class TelemetryController
{
    public function __construct(
        private Bench $bench,
        private Catalogue $catalogue,
        private Proposal $proposal,
        private Clips $clips,
    ) {}

    public function look(Request $request, Scenarios $scenarios): JsonResponse
    {
        $body = Body::of($request, ['document']);
        $body->done();

        return new JsonResponse([
            ...(new TelemetryReport($this->bench->read($body->raw('document')), $this->catalogue))->all($scenarios),
            'voice' => $this->clips->hasVoice(),
        ]);
    }

    /** Discovery on the simulated bus. */
    public function discover(Request $request): JsonResponse
    {
        $body = Body::of($request, ['document', 'troubles', 'afresh']);
        $troubles = array_map(
            fn (JsonCursor $item): BusTrouble => $item->choice(BusTrouble::class),
            $body->need('troubles')->items(10),
        );
        $afresh = $body->need('afresh')->flag();
        $body->done();
        $circuit = $this->bench->read($body->raw('document'));
        $chain = $this->chain($circuit);
        $bus = new SimulatedBus($circuit->program, $chain, $troubles);
        $found = $bus->discover($afresh);
        $values = Values::of($circuit->program, $this->catalogue);

        return new JsonResponse([
            'found' => array_map(function (FoundValue $one) use ($values): array {
                $value = $values->find($one->id);

                return [
                    'id' => $one->id,
                    'name' => $value->name ?? ucfirst(str_replace('-', ' ', $one->id)),
                    'unit' => $value?->unit->shown() ?? '',
                    'reads' => $one->reads === null || $value === null
                        ? null
                        : round($value->unit->fromBase($one->reads), 4),
                    'refresh' => $one->refresh,
                    'trouble' => $one->trouble,
                ];
            }, $found),
            'lamps' => (object) $bus->lamps(),
            'points' => array_map(
                TelemetryReport::point(...),
                (new Discovery($circuit->program, $chain))->points($found, $bus->lamps()),
            ),
            'troubles' => array_map(
                fn (BusTrouble $one): array => ['id' => $one->value, 'says' => $one->says(), 'cure' => $one->cure()],
                BusTrouble::cases(),
            ),
        ]);
    }

    /** Slots for a transmitter that has fixed ones. */
    public function slots(Request $request): JsonResponse
    {
        $body = Body::of($request, ['document']);
        $body->done();
        $circuit = $this->bench->read($body->raw('document'));

        return $this->proposal->answer(
            $circuit,
            (new SlotPlan($circuit->program, $circuit->panel->transmitter, $this->chain($circuit)->sensors))->planned(),
        );
    }

    /** A telemetry condition as its pilot reads it, from the document's or from what was put in. */
    public function threshold(Request $request): JsonResponse
    {
        $given = Body::of($request, ['document', 'condition']);
        $body = $given->node->has('condition')
            ? $given
            : Body::of($request, ['document', 'sensor', 'above', 'level'], ['hysteresis']);
        $condition = $body->node->at('condition');
        $read = $condition === null ? null : ConditionDecoder::decode($condition);
        if ($condition !== null && ! ($read instanceof SensorLevel)) {
            $condition->fault('must be one on a telemetry value');
        }
        $parts =
            $read === null
                ? [
                    $body->need('sensor')->id(),
                    $body->need('above')->flag(),
                    $body->need('level')->number(-1e6, 1e6),
                    $body->node->at('hysteresis')?->number(0, 1e6) ?? 0.0,
                ]
                : [];
        $body->done();
        $threshold = new Threshold(Values::of($this->bench->read($body->raw('document'))->program, $this->catalogue));
        $found = $read instanceof SensorLevel ? $read : $threshold->of(...$parts);

        return new JsonResponse([
            'condition' => ConditionEncoder::encode($found),
            'says' => $threshold->say($found),
            ...$threshold->read($found),
        ]);
    }

    /** A level of an alarm, in the pilot's unit. */
    public function level(Request $request): JsonResponse
    {
        $body = Body::of($request, ['document', 'call', 'place', 'level', 'hysteresis']);
        [$call, $place] = [$body->need('call')->id(), $body->need('place')->whole(0, 20)];
        [$level, $hysteresis] = [$body->need('level')->number(-1e6, 1e6), $body->need('hysteresis')->number(0, 1e6)];

        return $this->edit($body, fn (CallEdit $edit): Program => $edit->level($call, $place, $level, $hysteresis));
    }

    /** Another scale of the current sensor. */
    public function scale(Request $request): JsonResponse
    {
        $body = Body::of($request, ['document', 'scale']);
        $scale = $body->need('scale')->number(-1e6, 1e6);
        $body->done();
        $circuit = $this->bench->read($body->raw('document'));
        $now =
            CurrentScale::of($circuit->program, $this->catalogue) ??
            throw Refused::because('document.sense.chain', 'no sensor of the chain senses a current: add one in Telemetry');

        return $this->proposal->answer($circuit, $now->set($scale));
    }

    /** An alarm that holds before it speaks. */
    public function hold(Request $request): JsonResponse
    {
        $body = Body::of($request, ['document', 'call']);
        $call = $body->need('call')->id();

        return $this->edit($body, fn (CallEdit $edit): Program => $edit->held($call));
    }

    /** A new alarm. */
    public function alarm(Request $request): JsonResponse
    {
        $body = Body::of($request, ['document', 'value', 'above', 'level']);
        [$value, $above, $level] = [
            $body->need('value')->id(),
            $body->need('above')->flag(),
            $body->need('level')->number(-1e6, 1e6),
        ];

        return $this->edit($body, fn (CallEdit $edit): Program => $edit->added($value, $above, $level));
    }

    /** @param  callable(CallEdit): Program  $edit */
    private function edit(Body $body, callable $edit): JsonResponse
    {
        $body->done();
        $circuit = $this->bench->read($body->raw('document'));

        return $this->proposal->answer(
            $circuit,
            $edit(new CallEdit($circuit->program, Values::of($circuit->program, $this->catalogue))),
        );
    }

    private function chain(Circuit $circuit): SensorChain
    {
        return new SensorChain(InstalledKit::of($circuit->program, $circuit->panel->transmitter, $this->catalogue));
    }
}
