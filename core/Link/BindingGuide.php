<?php

namespace DuskSwitch\Core\Link;

use DuskSwitch\Core\Kit\Binding;
use DuskSwitch\Core\Kit\Receiver;

/** The steps that bind a pair, in order (common practice). */
final class BindingGuide
{
    /** @return list<Act> the acts that lead to a bound receiver, one after another */
    public static function acts(Receiver $receiver): array
    {
        $after = [Act::PowerOff, Act::PowerOn];

        return match ($receiver->binding) {
            Binding::Button => [Act::StepBack, Act::TransmitterOn, Act::ButtonHeld, Act::PowerOn, Act::ButtonReleased, Act::TransmitterBinds, ...$after],
            Binding::Menu => [Act::StepBack, Act::TransmitterOn, Act::TransmitterBinds, Act::PowerOn, ...$after],
            Binding::Command => [Act::StepBack, Act::TransmitterOn, Act::PowerOn, Act::Command, Act::TransmitterBinds, Act::Save],
            Binding::Automatic => [Act::StepBack, Act::TransmitterOn, Act::TransmitterBinds, Act::PowerOn, ...$after],
            Binding::Display => [Act::StepBack, Act::DisplayOn, Act::TransmitterOn, Act::TransmitterBinds, Act::PowerOn, ...$after],
        };
    }

    /** @return list<Act> everything that can be done with a receiver that binds this way */
    public static function possible(Receiver $receiver): array
    {
        $only = [
            Act::ButtonHeld->value => Binding::Button, Act::ButtonReleased->value => Binding::Button,
            Act::Command->value => Binding::Command, Act::Save->value => Binding::Command, Act::DisplayOn->value => Binding::Display,
        ];

        return array_values(array_filter(Act::cases(), fn (Act $act): bool => ($only[$act->value] ?? $receiver->binding) === $receiver->binding));
    }

    /** @return list<string> what to see to before the first step */
    public static function cautions(Kit $kit): array
    {
        $video = array_filter($kit->choice->ports, fn (string $owner): bool => stripos($owner, 'video') !== false) !== [];

        return array_values(array_filter([
            'Propellers off.',
            'Back the old set-up up before any firmware work.',
            'Link and sub-type are chosen in the program before you bind.',
            $video ? 'The antenna is on the video transmitter before it gets power, and air moves over it.' : null,
            $kit->receiver?->binding === Binding::Command ? 'USB power is often enough for binding a receiver on a flight controller.' : null,
        ]));
    }
}
