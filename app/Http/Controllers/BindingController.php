<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\App\Hangar\Acts;
use DuskSwitch\App\Http\Body;
use DuskSwitch\App\Models\Act as Done;
use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\App\Program\Bench;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\InputsDecoder;
use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Kit\Receiver;
use DuskSwitch\Core\Link\BindingAction;
use DuskSwitch\Core\Link\BindingGuide;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Link\LinkLoss;
use DuskSwitch\Core\Link\ReceiverFault;
use DuskSwitch\Core\Link\ReceiverPort;
use DuskSwitch\StandIn\SimulatedReceiver;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/**
 * Binding: a guide for the pair, a simulated receiver to practise on, and the record. What was done comes with the
 * request: two tabs can't get in each other's way.
 */
final readonly class BindingController
{
    public function __construct(private Bench $bench, private Catalogue $catalogue, private Acts $acts) {}

    public function practise(Request $request): JsonResponse
    {
        $body = Body::of($request, ['document', 'acts'], ['trouble']);
        $acts = array_map(
            fn (JsonCursor $item): BindingAction => $item->choice(BindingAction::class),
            $body->need('acts')->items(200),
        );
        $trouble = $body->node->at('trouble')?->choice(ReceiverFault::class);
        $body->done();
        $circuit = $this->bench->read($body->raw('document'));
        $kit = InstalledKit::of($circuit->program, $circuit->panel->transmitter, $this->catalogue);
        $receiver = self::receiver($kit);
        $now = array_reduce(
            $acts,
            fn (ReceiverPort $before, BindingAction $act): ReceiverPort => $before->after($act),
            SimulatedReceiver::of($kit, $trouble),
        );
        $says = fn (BindingAction $act): array => ['act' => $act->value, 'says' => BindingGuide::says($act, $receiver)];

        return new JsonResponse([
            'way' => $receiver->binding->by->says(),
            'cautions' => BindingGuide::cautions($kit),
            'guide' => array_map($says, BindingGuide::acts($receiver)),
            'acts' => array_map($says, BindingGuide::possible($receiver)),
            'lamp' => $now->lamp()->value,
            'lampSays' => $now->lamp()->says(),
            'hears' => $now->hears(),
            'telemetry' => $now->telemetry(),
            'arrives' => $now->arrives(),
            'says' => $now->says(),
            'troubles' => array_map(
                fn (ReceiverFault $one): array => [
                    'id' => $one->value,
                    'says' => $one->says(),
                    'shows' => $one->shows(),
                    'cure' => $one->cure(),
                ],
                ReceiverFault::cases(),
            ),
        ]);
    }

    /** The stand-in with its transmitter off: what every channel does so many seconds later. */
    public function lose(Request $request): JsonResponse
    {
        $body = Body::of($request, ['document', 'inputs', 'seconds']);
        $seconds = $body->need('seconds')->number(0, 3600);
        $body->done();
        $circuit = $this->bench->read($body->raw('document'));
        $inputs = InputsDecoder::set($body->need('inputs'), $circuit->panel);
        $body->done();
        $lost = $seconds >= LinkLoss::AFTER;

        return new JsonResponse([
            'after' => LinkLoss::AFTER,
            'lost' => $lost,
            'pulses' => (object) LinkLoss::pulses($circuit->program, $circuit->frame($inputs), $seconds),
        ]);
    }

    public function index(Aircraft $aircraft): JsonResponse
    {
        $kit = $this->acts->kit($aircraft);

        return new JsonResponse([
            'bindings' => $this->acts
                ->last($aircraft, 'bind', Acts::BINDING, 20)
                ->map(
                    fn (Done $one): array => [
                        'at' => $one->created_at->toIso8601ZuluString(),
                        'revision' => $one->revision,
                        'kit' => $one->items[0] ?? '',
                        'note' => $one->note ?? '',
                        'holds' => $this->acts->holds($aircraft, $one, $kit),
                    ],
                )
                ->all(),
        ]);
    }

    public function store(Request $request, Aircraft $aircraft): JsonResponse
    {
        $body = Body::of($request, ['note']);
        $note = $body->need('note')->text(200, true);
        $body->done();
        $kit = $this->acts->kit($aircraft);
        $what =
            "{$kit->transmitter->name} and ".
            self::receiver($kit)->name.
            ", {$kit->choice->link}, {$kit->choice->subtype}";
        $this->acts->keep($aircraft, $kit, 'bind', Acts::BINDING, [$what], $note);

        return $this->index($aircraft);
    }

    private static function receiver(InstalledKit $kit): Receiver
    {
        return $kit->receiver ??
            throw Refused::because('receiver', 'there is no receiver in this aircraft\'s kit; choose one first');
    }
}
