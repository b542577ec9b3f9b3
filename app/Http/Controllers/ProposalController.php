<?php

namespace DuskSwitch\App\Http\Controllers;

use DuskSwitch\App\Hangar\WholeExport;
use DuskSwitch\App\Http\Body;
use DuskSwitch\App\Http\Proposal;
use DuskSwitch\App\Models\Aircraft;
use DuskSwitch\App\Models\Revision;
use DuskSwitch\App\Program\Bench;
use DuskSwitch\Core\Airframe\ExpectedOrder;
use DuskSwitch\Core\Airframe\KnownModes;
use DuskSwitch\Core\Airframe\Recipes;
use DuskSwitch\Core\Airframe\RecipeSettings;
use DuskSwitch\Core\Airframe\RecipeWriter;
use DuskSwitch\Core\Airframe\StyleColumn;
use DuskSwitch\Core\Airframe\StyleEdit;
use DuskSwitch\Core\Airframe\Styles;
use DuskSwitch\Core\Airframe\TrainingStep;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\ChosenSettings;
use DuskSwitch\Core\Format\ConditionDecoder;
use DuskSwitch\Core\Format\InputsDecoder;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Move\TransmitterMove;
use DuskSwitch\Core\Program\CurveEdit;
use DuskSwitch\Core\Program\OutputEdit;
use DuskSwitch\Core\Program\PhaseEdit;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\Compiler;
use DuskSwitch\Core\Solve\RangesFromSwitches;
use DuskSwitch\Core\Solve\TrimsToSubTrims;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/**
 * What a larger edit would make of a document, with what it changes in words. Nothing is kept: the pilot looks,
 * and applies it like any other edit.
 */
final readonly class ProposalController
{
    public function __construct(private Bench $bench, private Proposal $proposal, private Catalogue $catalogue) {}

    public function recipe(Request $request): JsonResponse
    {
        [$body, $circuit] = $this->read($request, ['recipe', 'settings']);
        $id = $body->need('recipe')->id();
        $given = ChosenSettings::read($body->need('settings'));
        $body->done();
        $recipe =
            Recipes::find($id) ??
            throw Refused::because(
                'recipe',
                "there is no recipe \"{$id}\"; there is ".
                    implode(', ', array_map(fn ($one): string => $one->id(), Recipes::all())),
            );
        $controller = $this->catalogue->controller($circuit->program->controller ?? '');
        $fitted = RecipeWriter::fit(
            $recipe,
            RecipeSettings::of($recipe->settings(), ExpectedOrder::in($recipe->settings(), $given, $controller)),
            $circuit->program,
            $circuit->panel->transmitter,
        );

        $transmitter = $circuit->panel->transmitter;
        $program = RangesFromSwitches::completed(
            Compiler::compile(KnownModes::in($fitted->program, $controller), $transmitter),
            $controller,
        );

        return $this->proposal->answer($circuit, $program, $fitted->notes);
    }

    /** The controller set up for the switches as they are. */
    public function ranges(Request $request): JsonResponse
    {
        [, $circuit] = $this->read($request, []);
        $controller =
            $this->catalogue->controller($circuit->program->controller ?? '') ??
            throw Refused::because('', 'no controller is chosen; choose one in Kit first');

        return $this->proposal->answer($circuit, RangesFromSwitches::completed($circuit, $controller));
    }

    public function transmitter(Request $request): JsonResponse
    {
        [$body, $circuit] = $this->read($request, ['transmitter']);
        $id = $body->need('transmitter')->id();
        $body->done();
        $moved = TransmitterMove::to($circuit->program, $circuit->panel->transmitter, $this->bench->transmitter($id));

        return $this->proposal->answer($circuit, $moved->program, $moved->losses, $moved->places);
    }

    /** A program from a file, as a revision of the aircraft in view. */
    public function file(Request $request): JsonResponse
    {
        $body = Body::of($request, ['document', 'file']);
        $body->done();
        $circuit = $this->bench->read($body->raw('document'));
        $file = $body->raw('file');
        $program = WholeExport::is($file) ? WholeExport::read($file)->program : $file;

        return $this->proposal->answer($circuit, $this->bench->read($program)->program);
    }

    /** A former revision of an aircraft, and what going back to it does. */
    public function restore(Request $request): JsonResponse
    {
        [$body, $circuit] = $this->read($request, ['aircraft', 'revision']);
        $aircraft = Aircraft::query()->find($body->need('aircraft')->whole(1, 999_999_999));
        $number = $body->need('revision')->whole(1, 999_999_999);
        $body->done();
        $revision = $aircraft?->revisions()->where('number', $number)->first();
        if (! $revision instanceof Revision) {
            throw Refused::because('revision', "there is no revision {$number} of this aircraft; look at its history");
        }

        return $this->proposal->answer($circuit, ProgramDecoder::decode($revision->document));
    }

    public function rung(Request $request): JsonResponse
    {
        [$body, $circuit] = $this->read($request, ['rung']);
        $rung = $body->need('rung')->whole(0, 11);
        $body->done();

        return $this->proposal->answer(
            $circuit,
            TrainingStep::to($circuit->program, $rung, $circuit->panel->transmitter),
        );
    }

    public function trims(Request $request): JsonResponse
    {
        [$body, $circuit] = $this->read($request, ['inputs']);
        $inputs = InputsDecoder::set($body->need('inputs'), $circuit->panel);
        $body->done();

        return $this->proposal->answer($circuit, TrimsToSubTrims::into($circuit, $inputs));
    }

    /** A channel more. */
    public function channel(Request $request): JsonResponse
    {
        [, $circuit] = $this->read($request, []);

        return $this->proposal->answer(
            $circuit,
            OutputEdit::add($circuit->program, $circuit->panel->transmitter),
        );
    }

    public function phase(Request $request): JsonResponse
    {
        [$body, $circuit] = $this->read($request, ['do'], ['phase', 'name', 'when', 'fade', 'by']);
        $do = $body->need('do')->text();
        $body->node->keys([
            'document',
            'do',
            ...['add' => ['name', 'when', 'fade', 'phase'], 'remove' => ['phase'], 'move' => ['phase', 'by']][$do] ??
            [],
        ]);
        $body->done();
        $program = match ($do) {
            'add' => $this->addPhase($body, $circuit),
            'remove' => PhaseEdit::remove($circuit->program, $body->need('phase')->id()),
            'move' => PhaseEdit::move($circuit->program, $body->need('phase')->id(), $body->need('by')->whole(-16, 16)),
            default => throw Refused::because('do', 'must be add, remove or move'),
        };
        $body->done();

        return $this->proposal->answer($circuit, $program);
    }

    private function addPhase(Body $body, Circuit $circuit): Program
    {
        $name = $body->need('name')->text();
        $when = ConditionDecoder::decode($body->need('when'));
        $fade = $body->need('fade')->number(0, 60);
        $like = $body->need('phase')->id();
        $body->done();

        return PhaseEdit::add($circuit->program, $name, $when, $fade, $like);
    }

    public function style(Request $request): JsonResponse
    {
        [$body, $circuit] = $this->read($request, ['row', 'thing', 'value']);
        $row = $body->need('row')->id();
        $thing = $body->need('thing')->choice(StyleColumn::class);
        $value = match ($thing) {
            StyleColumn::Fade => $body->need('value')->number(0, 60),
            StyleColumn::Expo => $body->need('value')->number(-1, 1),
            StyleColumn::Throttle, StyleColumn::Floor => $body->need('value')->number(0, 1),
            default => $body->need('value')->number(-1.5, 1.5),
        };
        $body->done();
        $styles =
            Styles::of($circuit->program, $circuit->panel->transmitter) ??
            throw Refused::because('row', 'this program has no switch that chooses styles');

        return $this->proposal->answer($circuit, StyleEdit::put($styles, $row, $thing, $value));
    }

    public function curve(Request $request): JsonResponse
    {
        [$body, $circuit] = $this->read($request, ['curve', 'do']);
        $id = $body->need('curve')->id();
        $do = $body->need('do')->text();
        $body->done();
        $curve = $circuit->program->curves[$id] ?? throw Refused::because('curve', "there is no curve \"{$id}\"");
        $curve = match ($do) {
            'mirror' => CurveEdit::mirrored($curve),
            'turn' => CurveEdit::turned($curve),
            'add-point' => CurveEdit::withPoint($curve),
            default => $curve->with(id: $id, points: CurveEdit::presets()[$do] ??
                throw Refused::because(
                    'do',
                    'must be mirror, turn, add-point, or one of '.implode(', ', array_keys(CurveEdit::presets())),
                )),
        };

        return $this->proposal->answer(
            $circuit,
            $circuit->program->with(curves: [...$circuit->program->curves, $id => $curve]),
        );
    }

    /**
     * @param  list<string>  $keys
     * @param  list<string>  $optional
     * @return array{Body, Circuit}
     */
    private function read(Request $request, array $keys, array $optional = []): array
    {
        $body = Body::of($request, ['document', ...$keys], $optional);
        $body->done();

        return [$body, $this->bench->read($body->raw('document'))];
    }
}
