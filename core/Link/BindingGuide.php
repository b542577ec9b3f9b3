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

        return match ($receiver->binding) {
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
                BindingAction::TransmitterOn,
                BindingAction::TransmitterBinds,
                BindingAction::PowerOn,
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
        ];

        return array_values(
            array_filter(
                BindingAction::cases(),
                fn (BindingAction $act): bool => ($only[$act->value] ?? $receiver->binding) === $receiver->binding,
            ),
        );
    }

    /** @return list<string> what to see to before the first step */
    public static function cautions(InstalledKit $kit): array
    {
        $video =
            array_filter($kit->choice->ports, fn (string $owner): bool => stripos($owner, 'video') !== false) !== [];

        return array_values(
            array_filter([
                'Propellers off.',
                'Back the old set-up up before any firmware work.',
                'Link and sub-type are chosen in the program before you bind.',
                $video ? 'The antenna is on the video transmitter before it gets power, and air moves over it.' : null,
                $kit->receiver?->binding === Binding::Command
                    ? 'USB power is often enough for binding a receiver on a flight controller.'
                    : null,
            ]),
        );
    }
}
