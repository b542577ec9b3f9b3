<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Kit\Control;
use DuskSwitch\Core\Proof\Evidence;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Proof;
use DuskSwitch\Core\Proof\StateCell;
use DuskSwitch\Core\Proof\StateMap;
use DuskSwitch\Core\Proof\StateWords;
use DuskSwitch\Core\Solve\SlotAnswer;
use DuskSwitch\Core\Solve\SlotSolver;

/** Writes a proof as plain values. */
final readonly class ProofEncoder
{
    private StateWords $words;

    public function __construct(private Evidence $evidence)
    {
        $this->words = new StateWords($evidence);
    }

    /** @return array<string, mixed> */
    public function proof(Proof $proof): array
    {
        return [
            'states' => $proof->states,
            'complete' => $proof->isComplete(),
            'findings' => array_map(fn (Finding $one): array => $this->finding($one, $proof), $proof->findings),
            'accepted' => array_map(fn (array $one): array => [...$this->finding($one[0], $proof), 'reason' => $one[1]], $proof->accepted),
            'rules' => array_map(fn (array $one): array => [
                'rule' => $one[0]->id(), 'subject' => $one[0]->subject()->value, 'says' => $one[0]->says(), 'answer' => $one[1]->answer->value, 'why' => $one[1]->why,
            ], $proof->rules),
        ];
    }

    /** @return array<string, mixed> */
    private function finding(Finding $finding, Proof $proof): array
    {
        $hand = $this->words->hand($finding->witness);
        $script = $this->words->script($finding->witness);
        $rule = array_values(array_filter($proof->rules, fn (array $one): bool => $one[0]->id() === $finding->rule))[0] ?? null;

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
            'telemetry' => $finding->witness === null || $finding->witness->telemetry === [] ? null : (object) $finding->witness->telemetry,
        ];
    }

    /**
     * The map of states: the switches that have a say in arming, modes, motors and phases, and a cell a position.
     *
     * @return array<string, mixed>
     */
    public function map(): array
    {
        $map = StateMap::of($this->evidence);

        return [
            'switches' => array_map(fn (Control $control): array => ['id' => $control->id, 'name' => $control->name, 'detents' => $control->detents], $map->switches),
            'cells' => array_map(fn (StateCell $cell): array => [
                'hand' => array_map(fn (array $one): object => (object) $one, $this->words->hand($cell->hand)),
                'says' => $this->words->say($cell->hand),
                'phase' => implode(' or ', $cell->phases),
                'armed' => $cell->armed,
                'modes' => array_map($this->evidence->view->nameOf(...), $cell->modes),
                'margin' => $cell->margin,
                'odd' => $cell->odd,
            ], $map->cells),
            'complete' => $map->isComplete,
        ];
    }

    /** @return list<array<string, mixed>> what every channel does when the link is lost */
    public function failsafe(Proof $proof): array
    {
        $bad = array_column(array_filter($proof->findings, fn (Finding $one): bool => $one->rule === 'failsafe'), 'about');

        return array_map(fn ($output): array => [
            'channel' => $output->channel,
            'name' => $output->name,
            'does' => ($this->evidence->program->aboard->failsafe[$output->channel] ?? null)?->says(),
            'trouble' => ! isset($this->evidence->program->aboard->failsafe[$output->channel]) || in_array("output:{$output->channel}", $bad, true),
        ], $this->evidence->program->outputs);
    }

    /** @return list<array<string, mixed>> the controller's slots by channel, with what each step gives */
    public function slots(): array
    {
        $slots = $this->evidence->setup->modes ?? [];
        $modes = $this->evidence->controller->modes ?? [];
        $channels = array_values(array_unique(array_column($slots, 'channel')));
        sort($channels);

        return array_map(fn (int $channel): array => [
            'channel' => $channel,
            'name' => $this->evidence->program->output($channel)?->name,
            'slots' => array_values(array_map(
                fn ($slot): array => ['mode' => $slot->mode, 'name' => $this->evidence->view->nameOf($slot->mode), 'from' => $slot->from, 'to' => $slot->to, 'flight' => $modes[$slot->mode]->flight ?? false, 'saves' => $modes[$slot->mode]->saves ?? false, 'risky' => $modes[$slot->mode]->risky ?? false],
                array_filter($slots, fn ($slot): bool => $slot->channel === $channel),
            )),
            'answers' => array_map(self::answer(...), SlotSolver::answers($this->evidence->program, $this->evidence->transmitter, $channel, $slots)),
        ], $channels);
    }

    /** @return array<string, mixed> */
    private static function answer(SlotAnswer $answer): array
    {
        return [
            'step' => $answer->step->id,
            'name' => $answer->step->name,
            'now' => $answer->now,
            'margin' => $answer->margin(),
            'slot' => $answer->slot?->mode,
            'value' => $answer->value,
            'pulse' => $answer->pulse,
            'marginSolved' => $answer->marginSolved(),
            'missing' => round($answer->missing, 1),
            'terms' => $answer->mix === null ? null : "offset {$answer->mix->offset->shown()}, rate {$answer->mix->rate->shown()}",
        ];
    }
}
