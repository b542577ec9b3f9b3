<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Kit\ArmedBy;
use DuskSwitch\Core\Kit\Axis;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\Meaning;
use DuskSwitch\Core\Program\Purpose;
use DuskSwitch\Core\Program\SteppedFunction;
use DuskSwitch\Core\Proof\ProofContext;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Core\Signal\Frame;
use DuskSwitch\Core\Signal\State;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Dangers found by trying: single hands, a great many, and hands one after another in time. It knows nothing of regions
 * and shares no line with the rules; what it finds is real, what it doesn't find proves nothing.
 */
final class BruteForce
{
    private readonly Circuit $circuit;

    private readonly Randomizer $random;

    private readonly int $low;

    /** @var list<int> */
    private readonly array $motors;

    /** @var array<string, bool> rule => found */
    private array $found = [];

    public function __construct(private readonly ProofContext $context, int $seed)
    {
        $this->circuit = $context->circuit();
        $this->random = new Randomizer(new Mt19937($seed));
        $this->low = $context->setup->low ?? 1050;
        $this->motors = array_column(
            array_filter(
                $context->program->outputs,
                fn ($one): bool => in_array(
                    $one->role?->value,
                    ['motor', 'left-motor', 'right-motor', 'input-throttle'],
                    true,
                ),
            ),
            'channel',
        );
    }

    /** @return list<string> ids of the rules that are broken */
    public function dangers(int $hands): array
    {
        for ($try = 0; $try < $hands; $try++) {
            $hand = $this->hand();
            $this->settled($hand, $this->circuit->frame($hand));
            $this->low($this->withLowThrottle($hand));
            $this->powerUp($hand);
        }
        for ($walk = 0; $walk < intdiv($hands, 40); $walk++) {
            $this->walk();
        }

        return array_keys($this->found);
    }

    /** @param  list<float>  $hand */
    private function settled(array $hand, Frame $frame): void
    {
        $program = $this->context->program;
        if ($this->armedByRange() && $this->arms($frame)) {
            $arms = array_filter(
                $program->functions,
                fn ($one): bool => $one->purpose() === Purpose::Arm && $one instanceof SteppedFunction,
            );
            $on = array_filter(
                $arms,
                fn ($one): bool => $one instanceof SteppedFunction &&
                    $one->step($frame->steps()[$one->id] ?? '')?->means?->is(Meaning::ARMED) === true,
            );
            $this->found += $arms !== [] && $on === [] ? ['arm-channel-alone' => true] : [];
        }
        foreach ($program->outputs as $output) {
            $this->found += $frame->outputs()[$output->channel]->clipped ? ['nothing-clips' => true] : [];
        }
        $flight = array_filter(
            $this->context->setup->modes ?? [],
            fn ($one): bool => $this->context->controller?->modes[$one->mode]->flight ?? false,
        );
        $channels = array_unique(array_column($flight, 'channel'));
        if ($flight === [] || array_diff($channels, array_column($program->outputs, 'channel')) !== []) {
            return;
        }
        $shares =
            array_intersect($channels, array_column($this->context->setup->arming->ranges ?? [], 'channel')) !== [];
        if ($shares && ! $this->arms($frame)) {
            return;
        }
        $active = array_unique(
            array_map(
                fn ($one): string => $one->mode,
                array_filter(
                    $flight,
                    fn ($one): bool => $frame->pulse($one->channel) >= $one->from &&
                        $frame->pulse($one->channel) < $one->to,
                ),
            ),
        );
        $this->found +=
            $active === [] && $this->context->setup->none === null ? ['one-mode-in-each-state' => true] : [];
        $this->found +=
            count($active) > 1 &&
            count(array_intersect($active, $this->context->setup->priority ?? [])) < count($active)
                ? ['one-mode-in-each-state' => true]
                : [];
    }

    /** @param  list<float>  $hand */
    private function low(array $hand): void
    {
        $frame = $this->circuit->frame($hand);
        $isFirst =
            $this->context->program->family !== Family::Helicopter ||
            $frame->phase() === $this->context->program->base()->id;
        $live = ! $this->armedByRange() || $this->arms($frame);
        $this->found += $live && $isFirst && $this->turns($frame) ? ['no-start-above-idle' => true] : [];
    }

    /** @param  list<float>  $from  whose dials, sliders and trims are taken */
    private function powerUp(array $from): void
    {
        $hand = $this->circuit->panel->atRest();
        foreach ($this->context->transmitter->controls as $control) {
            $at = (int) $this->circuit->panel->control($control->id);
            $hand[$at] = $control->detents === [] ? $from[$at] : $hand[$at];
        }
        foreach (Axis::cases() as $axis) {
            foreach ($this->circuit->panel->trims($axis) as $trim) {
                $hand[$trim] = $from[$trim];
            }
        }
        $frame = $this->circuit->frame($this->withLowThrottle(array_values($hand)));
        $this->found +=
            $this->turns($frame) || ($this->armedByRange() && $this->arms($frame)) ? ['safe-at-power-up' => true] : [];
        $hand[$this->circuit->panel->axis(Axis::Throttle)] = $this->random->getInt(-100, 100) / 100;
        $frame = $this->circuit->frame(array_values($hand));
        $this->found +=
            ($this->armedByRange() && $this->arms($frame)) ||
            ($this->armedBy() === ArmedBy::Throttle && $this->turns($frame))
                ? ['safe-at-power-up' => true]
                : [];
    }

    /** One hand after another, in time: what latches and toggles remember. */
    private function walk(): void
    {
        $hand = $this->circuit->panel->atRest();
        $state = null;
        for ($step = 0; $step < 12; $step++) {
            [$frame, $state] = $this->held($hand, $state);
            if ($step > 0) {
                $this->settled($hand, $frame);
                $low = $this->withLowThrottle($hand);
                [$lowFrame] = $this->held($low, $state);
                $isFirst =
                    $this->context->program->family !== Family::Helicopter ||
                    $lowFrame->phase() === $this->context->program->base()->id;
                $this->found +=
                    (! $this->armedByRange() || $this->arms($lowFrame)) && $isFirst && $this->turns($lowFrame)
                        ? ['no-start-above-idle' => true]
                        : [];
            }
            $input = $this->random->getInt(0, count($hand) - 1);
            $hand[$input] = $this->hand()[$input];
            $hand = array_values($hand);
        }
    }

    /**
     * True where some single move, always the same, was never seen to fail.
     *
     * @return bool false where every move was seen to fail: then no move can be the one
     */
    public function someMoveMayAlwaysStopIt(int $hands): bool
    {
        $moves = [];
        foreach ($this->context->transmitter->controls as $control) {
            foreach ($control->detents as $detent) {
                $moves["{$control->id} {$detent}"] = [
                    (int) $this->circuit->panel->control($control->id),
                    (float) $control->valueOf($detent),
                    in_array('pressed', $control->detents, true) ? (float) $control->valueOf('released') : null,
                ];
            }
        }
        for ($try = 0; $try < $hands && $moves !== []; $try++) {
            $hand = $this->hand();
            if (! $this->isLive($this->circuit->frame($hand))) {
                continue;
            }
            foreach ($moves as $name => [$input, $value, $back]) {
                $moved = array_values(array_replace($hand, [$input => $value]));
                $then = $this->circuit->frame(
                    $back === null ? $moved : array_values(array_replace($hand, [$input => $back])),
                );
                if ($this->isLive($then)) {
                    unset($moves[$name]);
                }
            }
        }

        return $moves !== [];
    }

    private function isLive(Frame $frame): bool
    {
        return $this->armedByRange() ? $this->arms($frame) : $this->turns($frame);
    }

    /**
     * @param  list<float>  $hand
     * @return array{Frame, State}
     */
    private function held(array $hand, ?State $state): array
    {
        $ticks = min(200, (int) ceil($this->circuit->settlesIn / 0.02) + 2);
        $tick = $this->circuit->tick($hand, $state);
        for ($i = 1; $i < $ticks; $i++) {
            $tick = $this->circuit->tick($hand, $tick->state);
        }

        return [$tick->frame, $tick->state];
    }

    private function armedBy(): ?ArmedBy
    {
        return $this->context->setup->arming?->by ?? ($this->context->controller === null ? ArmedBy::Throttle : null);
    }

    private function armedByRange(): bool
    {
        return $this->armedBy() === ArmedBy::Range;
    }

    private function arms(Frame $frame): bool
    {
        foreach ($this->context->setup->arming->ranges ?? [] as $range) {
            $pulse = $frame->pulse($range->channel);
            if ($pulse !== null && $pulse >= $range->from && $pulse < $range->to) {
                return true;
            }
        }

        return false;
    }

    private function isCentred(): bool
    {
        return $this->context->program->family === Family::GroundVehicle;
    }

    private function turns(Frame $frame): bool
    {
        return array_filter(
            $this->motors,
            fn (int $channel): bool => $this->isCentred()
                ? abs($frame->pulse($channel) - 1500) > 50
                : $frame->pulse($channel) > $this->low,
        ) !== [];
    }

    /**
     * @param  list<float>  $hand
     * @return list<float>
     */
    private function withLowThrottle(array $hand): array
    {
        $still = $this->isCentred() ? 0.0 : -1.0;
        $hand[$this->circuit->panel->axis(Axis::Throttle)] = $still;
        foreach ($this->context->program->functions as $function) {
            $drive = $function->purpose() === Purpose::Throttle ? $function->drive ?? null : null;
            $at =
                $drive instanceof \DuskSwitch\Core\Program\Drive\ControlDrive
                    ? $this->circuit->panel->control($drive->control)
                    : null;
            if ($at !== null && $this->context->transmitter->control($drive->control)?->detents === []) {
                $hand[$at] = $still;
            }
        }

        return array_values($hand);
    }

    /** @return list<float> anywhere, often at ends and at rest */
    private function hand(): array
    {
        $hand = $this->circuit->panel->atRest();
        foreach ($hand as $input => $rest) {
            $control = $this->context->transmitter->controls[$input - 8] ?? null;
            $values =
                $control !== null && $control->detents !== []
                    ? array_map(fn (string $detent): float => (float) $control->valueOf($detent), $control->detents)
                    : [
                        $rest,
                        -1.0,
                        1.0,
                        0.0,
                        $this->random->getInt(-1000, 1000) / 1000,
                        $this->random->getInt(-1000, 1000) / 1000,
                    ];
            $hand[$input] = $values[$this->random->getInt(0, count($values) - 1)];
        }

        return array_values($hand);
    }
}
