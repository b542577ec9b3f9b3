<?php

namespace DuskSwitch\Core\Link;

use DuskSwitch\Core\Kit\Binding;
use DuskSwitch\Core\Kit\Receiver;

/** The steps that bind a pair, in order (common practice). */
final class BindingGuide
{
    /** @return list<BindingAction> the acts that lead to a bound receiver, one after another */
    public static function acts(Receiver $receiver): array
    {
        $after = [BindingAction::PowerOff, BindingAction::PowerOn];

        return match ($receiver->binding->by) {
            Binding::Button => [
                BindingAction::StepBack,
                BindingAction::TransmitterOn,
                BindingAction::ButtonHeld,
                BindingAction::PowerOn,
                BindingAction::ButtonReleased,
                BindingAction::TransmitterBinds,
                ...$after,
            ],
            Binding::Menu => [
                BindingAction::StepBack,
                BindingAction::TransmitterOn,
                BindingAction::TransmitterBinds,
                BindingAction::PowerOn,
                ...$after,
            ],
            Binding::Command => [
                BindingAction::StepBack,
                BindingAction::TransmitterOn,
                BindingAction::PowerOn,
                BindingAction::Command,
                BindingAction::TransmitterBinds,
                BindingAction::Save,
            ],
            Binding::Automatic => [
                BindingAction::StepBack,
                // It waits only where it hears no transmitter at its first power-up.
                BindingAction::TransmitterOff,
                BindingAction::PowerOn,
                BindingAction::TransmitterOn,
                BindingAction::TransmitterBinds,
                ...$after,
            ],
            Binding::Together => [
                BindingAction::StepBack,
                BindingAction::TransmitterOn,
                BindingAction::PowerOn,
                BindingAction::OtherPart,
                BindingAction::TransmitterBinds,
                ...$after,
            ],
            Binding::Display => [
                BindingAction::StepBack,
                BindingAction::DisplayOn,
                BindingAction::TransmitterOn,
                BindingAction::TransmitterBinds,
                BindingAction::PowerOn,
                ...$after,
            ],
        };
    }

    /** @return list<BindingAction> everything that can be done with a receiver that binds this way */
    public static function possible(Receiver $receiver): array
    {
        $only = [
            BindingAction::ButtonHeld->value => Binding::Button,
            BindingAction::ButtonReleased->value => Binding::Button,
            BindingAction::Command->value => Binding::Command,
            BindingAction::Save->value => Binding::Command,
            BindingAction::DisplayOn->value => Binding::Display,
            BindingAction::OtherPart->value => Binding::Together,
        ];

        $by = $receiver->binding->by;

        return array_values(
            array_filter(
                BindingAction::cases(),
                fn (BindingAction $act): bool => ($only[$act->value] ?? $by) === $by,
            ),
        );
    }

    /** An act as this receiver wants it: its bind command with its number. */
    public static function says(BindingAction $act, Receiver $receiver): string
    {
        return $act === BindingAction::Command && $receiver->binding->number !== null
            ? "Type the bind command with the number {$receiver->binding->number}"
            : $act->says();
    }

    /** @return list<string> what to see to before the first step */
    public static function cautions(InstalledKit $kit): array
    {
        return array_values(
            array_filter([
                'Propellers off.',
                'Back the old set-up up before any firmware work.',
                'Link and sub-type are chosen in the program before you bind.',
                // Under which name one stands on a port is the pilot's own.
                $kit->controller === null
                    ? null
                    : 'A video transmitter has its antenna on before it gets power, and air moves over it.',
                $kit->receiver?->binding->by === Binding::Command
                    ? 'USB power is often enough for binding a receiver on a flight controller.'
                    : null,
            ]),
        );
    }
}
