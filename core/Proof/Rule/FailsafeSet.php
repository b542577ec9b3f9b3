<?php

namespace DuskSwitch\Core\Proof\Rule;

use DuskSwitch\Core\Kit\ControllerKind;
use DuskSwitch\Core\Kit\LossAction;
use DuskSwitch\Core\Kit\Slot;
use DuskSwitch\Core\Program\Failsafe;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Judgement;
use DuskSwitch\Core\Proof\ProofContext;
use DuskSwitch\Core\Proof\Rule;
use DuskSwitch\Core\Proof\Severity;
use DuskSwitch\Core\Proof\Subject;
use DuskSwitch\Core\Solve\SafeFailsafe;

/** What happens when the link is lost. */
final class FailsafeSet implements Rule
{
    public function id(): string
    {
        return 'failsafe';
    }

    public function subject(): Subject
    {
        return Subject::Failsafe;
    }

    public function says(): string
    {
        return 'Every channel has a failsafe. Never "keep the last" with throttle or arm: a multirotor drops or '.
            'comes home, an aeroplane closes its throttle, a helicopter holds, a ground vehicle stops; the mode '.
            'channel asks for a mode that saves it.';
    }

    public function judge(ProofContext $context): Judgement
    {
        $failsafe = $context->program->aboard->failsafe;
        $mended = SafeFailsafe::for($context->program, $context->transmitter, $context->controller);
        $found = [];
        $missing = array_values(
            array_filter($context->program->outputs, fn (Output $output): bool => ! isset($failsafe[$output->channel])),
        );
        if ($missing !== []) {
            $names =
                implode(
                    ', ',
                    array_map(
                        fn (Output $output): string => "{$output->channel} {$output->name}",
                        array_slice($missing, 0, 4),
                    ),
                ).(count($missing) > 4 ? ' and '.(count($missing) - 4).' more' : '');
            $found[] = new Finding(
                $this->id(),
                Severity::Error,
                'program',
                "No failsafe is set for {$names}. Set it, then test it with the transmitter off and the propellers off",
                null,
                'Set a safe failsafe for the family',
                $mended,
                'missing',
                channels: array_map(fn (Output $one): int => $one->channel, $missing),
            );
        }
        $motors = array_map(fn (Output $one): int => $one->channel, $context->motors());
        foreach ($context->program->outputs as $output) {
            $does = $failsafe[$output->channel] ?? null;
            $trouble =
                $does === null
                    ? null
                    : (in_array($output->channel, $motors, true) ? $this->motor($does, $context) : null) ??
                        ($this->arm($does, $output, $context) ?? $this->mode($does, $output, $context));
            if ($trouble !== null) {
                $found[] = new Finding(
                    $this->id(),
                    Severity::Error,
                    "output:{$output->channel}",
                    "{$output->name}: {$trouble}",
                    null,
                    'Set a safe failsafe for the family',
                    $mended,
                );
            }
        }

        return Judgement::of($found);
    }

    private function motor(Failsafe $does, ProofContext $context): ?string
    {
        [$from, $to] = $context->still();
        $stop = $context->isCentred() ? 'Put the throttle in the middle' : 'Close the throttle';

        return match (true) {
            $does->holds => 'its failsafe keeps the last throttle: without a link it goes on with the motor running. '.
                "{$stop} instead",
            $does->pulse !== null && ($does->pulse > $to || $does->pulse < $from) => "its failsafe gives {$does->pulse} µs, {$context->running()}: the motor runs on without a link. {$stop}",
            $does->pulse === null && $context->controller?->kind !== ControllerKind::FlightController => 'its '.
                'failsafe gives no pulses, and no flight controller is there to notice: what the speed controller '.
                'does then is its own affair. '.
                ($context->isCentred() ? 'Give it a pulse in the middle' : 'Give it a low pulse'),
            default => null,
        };
    }

    private function arm(Failsafe $does, Output $output, ProofContext $context): ?string
    {
        $ranges = array_values(
            array_filter(
                $context->setup->arming->ranges ?? [],
                fn (Slot $one): bool => $one->channel === $output->channel,
            ),
        );
        if ($ranges === []) {
            return null;
        }
        $loss = $context->setup->onLoss;
        $isNeeded =
            $loss !== null &&
            in_array($loss->does, [LossAction::ComeHome, LossAction::Land], true) &&
            in_array($output->channel, $loss->channels, true);
        $arms =
            $does->pulse !== null &&
            array_filter($ranges, fn (Slot $one): bool => $one->holds((int) $does->pulse)) !== [];

        return match (true) {
            $does->holds => 'its failsafe keeps the last: an armed aircraft stays armed without a link. Give it no '.
                'pulses, or one that disarms',
            $arms && ! $isNeeded => "its failsafe gives {$does->pulse} µs, in the arm range: without a link it is ".
                "armed. Give it no pulses, or one that disarms; if coming home needs it, say so in the controller's ".
                'set-up',
            $isNeeded && $does->pulse !== null && ! $arms => "its failsafe gives {$does->pulse} µs, which disarms; ".
                "on signal loss the controller {$loss->does->says()} and needs this channel for it: it drops ".
                'instead. Keep it in the arm range',
            default => null,
        };
    }

    private function mode(Failsafe $does, Output $output, ProofContext $context): ?string
    {
        $slots = array_values(
            array_filter($context->setup->modes ?? [], fn (Slot $one): bool => $one->channel === $output->channel),
        );
        $pulse = $does->pulse;
        if ($slots === [] || $pulse === null) {
            return null;
        }
        $in = array_map(
            fn (Slot $one): string => $one->mode,
            array_filter($slots, fn (Slot $one): bool => $one->holds($pulse)),
        );
        foreach ($in as $mode) {
            if ($context->view->mode($mode)->risky ?? false) {
                return "its failsafe gives {$pulse} µs, in the range of {$context->view->nameOf(
                    $mode,
                )}. Choose a pulse outside of it";
            }
        }
        $saving = array_values(
            array_filter(
                $slots,
                fn (Slot $one): bool => ($context->view->mode($one->mode)->saves ?? false) &&
                    ($context->view->mode($one->mode)->flight ?? false),
            ),
        );

        return $saving !== [] && array_filter($saving, fn (Slot $one): bool => $one->holds($pulse)) === []
            ? "its failsafe gives {$pulse} µs, outside of every mode that saves the aircraft. Choose a pulse in the ".
                "range of {$context->view->nameOf(
                    $saving[0]->mode,
                )}, or no pulses"
            : null;
    }
}
