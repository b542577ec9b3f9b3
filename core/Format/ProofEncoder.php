<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Kit\ControllerSetup;
use DuskSwitch\Core\Kit\Mode;
use DuskSwitch\Core\Kit\Slot;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Proof;
use DuskSwitch\Core\Proof\ProofContext;
use DuskSwitch\Core\Proof\Rule\OneModeInEachState;
use DuskSwitch\Core\Proof\StateWords;
use DuskSwitch\Core\Solve\SlotAnswer;
use DuskSwitch\Core\Solve\SlotSolver;
use DuskSwitch\Core\Space\Reach;

/** Writes a proof as plain values. */
final readonly class ProofEncoder
{
    private StateWords $words;

    public function __construct(private ProofContext $context)
    {
        $this->words = new StateWords($context);
    }

    /** @return array<string, mixed> */
    public function proof(Proof $proof): array
    {
        return [
            'states' => $proof->states,
            'complete' => $proof->isComplete(),
            'findings' => array_map(fn (Finding $one): array => $this->finding($one, $proof), $proof->findings),
            'accepted' => array_map(
                fn (array $one): array => [...$this->finding($one[0], $proof), 'reason' => $one[1]],
                $proof->accepted,
            ),
            'rules' => array_map(
                fn (array $one): array => [
                    'rule' => $one[0]->id(),
                    'subject' => $one[0]->subject()->value,
                    'says' => $one[0]->says(),
                    'answer' => $one[1]->answer->value,
                    'why' => $one[1]->why,
                ],
                $proof->rules,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private function finding(Finding $finding, Proof $proof): array
    {
        $hand = $this->words->hand($finding->witness);
        $script = $this->words->script($finding->witness);
        $rule =
            array_values(array_filter($proof->rules, fn (array $one): bool => $one[0]->id() === $finding->rule))[0] ??
            null;

        return [
            'rule' => $finding->rule,
            'subject' => $rule === null ? 'connection' : $rule[0]->subject()->value,
            'channels' => $finding->channels(),
            'severity' => $finding->severity->value,
            'open' => $finding->isOpen,
            'says' => $finding->says,
            'state' => $this->words->say($finding->witness),
            'mend' => $finding->mend,
            'key' => $finding->key(),
            'about' => $finding->about,
            'hand' => $finding->witness === null ? null : array_map(fn (array $one): object => (object) $one, $hand),
            'script' => $script,
            'telemetry' => $finding->witness === null || $finding->witness->telemetry === []
                    ? null
                    : (object) $finding->witness->telemetry,
        ];
    }

    /** @return array<string, mixed> the map of states */
    public function map(): array
    {
        return (new StateMapEncoder($this->context))->map();
    }

    /** @return list<array<string, mixed>> what every channel does when the link is lost */
    public function failsafe(Proof $proof): array
    {
        $bad = array_column(
            array_filter($proof->findings, fn (Finding $one): bool => $one->rule === 'failsafe'),
            'about',
        );

        return array_map(
            fn ($output): array => [
                'channel' => $output->channel,
                'name' => $output->name,
                'does' => ($this->context->program->aboard->failsafe[$output->channel] ?? null)?->says(),
                'trouble' => ! isset($this->context->program->aboard->failsafe[$output->channel]) ||
                    in_array("output:{$output->channel}", $bad, true),
            ],
            $this->context->program->outputs,
        );
    }

    /** @return array<string, mixed>|null how the controller is set up, and how it arrives; null where there's none */
    public function setup(): ?array
    {
        $controller = $this->context->controller;

        return $controller === null
            ? null
            : [
                'controller' => $controller->name,
                // Where most ranges are set first (common practice).
                'usual' => ['channel' => 5, 'from' => 1700, 'to' => 2100],
                'marks' => ['from' => ControllerSetup::LOW_MARKS[0], 'to' => ControllerSetup::LOW_MARKS[1]],
                'modes' => array_map(
                    fn (Mode $one): array => [
                        'id' => $one->id,
                        'name' => $one->name,
                        'flight' => $one->flight,
                        'saves' => $one->saves,
                        'risky' => $one->risky,
                    ],
                    array_values($controller->modes),
                ),
                'now' => (object) Spelling::of($this->context->setup),
                'delivered' => (object) Spelling::of($controller->setUp(new ControllerSetup())),
            ];
    }

    /** @return list<array<string, mixed>> the ranges of the controller's modes by channel, with what each step gives */
    public function slots(): array
    {
        $slots = [...$this->context->setup->modes ?? [], ...$this->context->setup->arming->ranges ?? []];
        $channels = array_values(array_unique(array_map(fn (Slot $one): int => $one->channel, $slots)));
        sort($channels);

        return array_map(
            fn (int $channel): array => $this->channel(
                $channel,
                array_values(array_filter($slots, fn (Slot $one): bool => $one->channel === $channel)),
            ),
            $channels,
        );
    }

    /** @return array<string, array<int, array{int, int}>> the least and the most µs, by phase and channel */
    public function reach(): array
    {
        $phases = array_column($this->context->program->phases, 'id');
        $reach = array_map(fn (string $phase): array => Reach::in($this->context->model(), $phase), $phases);

        return array_combine($phases, $reach);
    }

    /**
     * @param  list<Slot>  $slots
     * @return array<string, mixed>
     */
    private function channel(int $channel, array $slots): array
    {
        $view = $this->context->view;

        return [
            'channel' => $channel,
            'name' => $this->context->program->output($channel)?->name,
            'slots' => array_map(
                fn (Slot $slot): array => [
                    'mode' => $slot->mode,
                    'name' => $this->nameOf($slot),
                    'from' => $slot->from,
                    'to' => $slot->to,
                    'flight' => $view->mode($slot->mode)->flight ?? false,
                    'saves' => $view->mode($slot->mode)->saves ?? false,
                    'risky' => $view->mode($slot->mode)->risky ?? false,
                ],
                $slots,
            ),
            'answers' => array_map(
                fn (SlotAnswer $one): array => $this->answer($one, $slots),
                SlotSolver::answers(
                    $this->context->program,
                    $this->context->transmitter,
                    $channel,
                    $this->context->setup->modes ?? [],
                ),
            ),
        ];
    }

    private function nameOf(Slot $slot): string
    {
        return $slot->mode === 'armed' && $this->context->view->mode('armed') === null
            ? 'Armed'
            : $this->context->view->nameOf($slot->mode);
    }

    /**
     * @param  list<Slot>  $slots  of its channel
     * @return array<string, mixed>
     */
    private function answer(SlotAnswer $answer, array $slots): array
    {
        $in = array_values(array_filter($slots, fn (Slot $one): bool => $one->holds($answer->now)));
        $edges = array_merge([], ...array_map(fn (Slot $one): array => [$one->from, $one->to], $slots));
        $below = array_filter($edges, fn (int $edge): bool => $edge <= $answer->now);
        $above = array_filter($edges, fn (int $edge): bool => $edge > $answer->now);

        return [
            'step' => $answer->step->id,
            'name' => $answer->step->name,
            'means' => $answer->step->means === null
                    ? null
                    : ($answer->step->means->mode === null
                        ? $answer->step->means->says()
                        : $this->context->view->nameOf($answer->step->means->mode)),
            'takes' => array_map($this->nameOf(...), $in),
            'now' => $answer->now,
            'below' => $below === [] ? null : $answer->now - max($below),
            'above' => $above === [] ? null : min($above) - $answer->now,
            'isAsMeant' => $answer->step->means?->mode === null ||
                in_array($answer->step->means->mode, array_map(fn (Slot $one): string => $one->mode, $in), true) ||
                ($in === [] && $this->context->setup->none === $answer->step->means->mode),
            'isNear' => ($below !== [] && $answer->now - max($below) < OneModeInEachState::MARGIN) ||
                ($above !== [] && min($above) - $answer->now < OneModeInEachState::MARGIN),
            'margin' => $answer->margin(),
            'slot' => $answer->slot?->mode,
            'value' => $answer->value,
            'pulse' => $answer->pulse,
            'marginSolved' => $answer->marginSolved(),
            'missing' => round($answer->missing, 1),
            'terms' => $answer->mix === null
                    ? null
                    : "offset {$answer->mix->offset->shown()}, rate {$answer->mix->rate->shown()}",
        ];
    }
}
