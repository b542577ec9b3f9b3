<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Proof\Evidence;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Moment;
use DuskSwitch\Core\Proof\Moves;
use DuskSwitch\Core\Proof\Proof;
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

    /** @return array{states: int, findings: list<array<string, mixed>>, accepted: list<array<string, mixed>>} */
    public function proof(Proof $proof): array
    {
        return [
            'states' => $proof->states,
            'findings' => array_map($this->finding(...), $proof->findings),
            'accepted' => array_map(fn (array $one): array => [...$this->finding($one[0]), 'reason' => $one[1]], $proof->accepted),
        ];
    }

    /** @return array<string, mixed> */
    private function finding(Finding $finding): array
    {
        $hand = $this->words->hand($finding->inputs);

        return [
            'rule' => $finding->rule,
            'severity' => $finding->severity->value,
            'says' => $finding->says,
            'state' => $this->words->say($finding->inputs),
            'mend' => $finding->mend,
            'key' => $finding->key(),
            'about' => $finding->about,
            'hand' => $finding->inputs === null ? null : ['axes' => (object) $hand['axes'], 'controls' => (object) $hand['controls']],
        ];
    }

    /**
     * The map of states: the switches that have a say in arming, modes, motors and phases, and a cell a position.
     *
     * @return array<string, mixed>
     */
    public function map(): array
    {
        $moves = new Moves($this->evidence);
        $switches = $moves->switches();
        $controls = array_values(array_filter(array_map($moves->controlAt(...), $switches)));
        $phases = array_column($this->evidence->program->phases, 'name', 'id');
        $cells = [];
        foreach ($this->evidence->moments() as $moment) {
            $key = implode(' ', array_map(fn (int $slot): string => (string) $moment->inputs[$slot], $switches));
            // Positions of dials and of what is remembered share a cell: the worst of them stands for all.
            if (! isset($cells[$key]) || $this->badness($moment) > $this->badness($cells[$key])) {
                $cells[$key] = $moment;
            }
        }

        return [
            'switches' => array_map(fn ($control): array => ['id' => $control->id, 'name' => $control->name, 'detents' => $control->detents], $controls),
            'cells' => array_map(fn (Moment $moment): array => $this->cell($moment, $phases), array_values($cells)),
            'complete' => $this->evidence->hasAllMoments(),
        ];
    }

    private function badness(Moment $moment): int
    {
        $lost = $this->evidence->flightSlots() !== [] && count($moment->modes) !== 1;

        return ($lost ? 4 : 0) + ($moment->armed && $moment->turnsAtLowStick() ? 2 : 0) + ($moment->armed ? 1 : 0);
    }

    /**
     * @param  array<string, string>  $phases  names by id
     * @return array<string, mixed>
     */
    private function cell(Moment $moment, array $phases): array
    {
        $hand = $this->words->hand($moment->inputs);
        $slots = $this->evidence->flightSlots() !== [];
        $odd = match (true) {
            $slots && $moment->modes === [] => 'no mode',
            count($moment->modes) > 1 => 'two modes',
            $slots && ($moment->margin ?? 99) < 25 => 'at an edge',
            $moment->armed && $moment->turnsAtLowStick() => 'motor on at low stick',
            default => null,
        };

        return [
            'hand' => ['axes' => (object) $hand['axes'], 'controls' => (object) $hand['controls']],
            'says' => $this->words->say($moment->inputs),
            'phase' => $phases[$moment->phase] ?? $moment->phase,
            'armed' => $moment->armed,
            'modes' => array_map($this->evidence->modeName(...), $moment->modes),
            'margin' => $moment->margin,
            'odd' => $odd,
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
        $slots = $this->evidence->slots();
        $modes = $this->evidence->controller->modes ?? [];
        $channels = array_values(array_unique(array_column($slots, 'channel')));
        sort($channels);

        return array_map(fn (int $channel): array => [
            'channel' => $channel,
            'name' => $this->evidence->program->output($channel)?->name,
            'slots' => array_values(array_map(
                fn ($slot): array => ['mode' => $slot->mode, 'name' => $this->evidence->modeName($slot->mode), 'from' => $slot->from, 'to' => $slot->to, 'flight' => $modes[$slot->mode]->flight ?? false, 'saves' => $modes[$slot->mode]->saves ?? false, 'risky' => $modes[$slot->mode]->risky ?? false],
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
