<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Kit\Controller;
use DuskSwitch\Core\Kit\Receiver;
use DuskSwitch\Core\Kit\StickMode;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\Installation;
use DuskSwitch\Core\Program\KitChoice;
use DuskSwitch\Core\Program\Phase;
use DuskSwitch\Core\Program\Program;

/**
 * A first program for a family on a transmitter: the family's recipe with its defaults, on what controls the
 * transmitter has for it.
 */
final readonly class FirstProgram
{
    /**
     * @param  Receiver|null  $receiver  its link is chosen too, where the transmitter speaks it
     * @param  array<string, float|bool|string>  $settings  of the family's recipe, where they aren't its defaults
     *
     * @throws Refused where the transmitter has too few channels, or a setting can't be
     */
    public static function program(
        Family $family,
        string $name,
        Transmitter $transmitter,
        ?Receiver $receiver = null,
        ?Controller $controller = null,
        array $settings = [],
        StickMode $stickMode = StickMode::Two,
    ): Program {
        $base =
            $family === Family::Helicopter
                ? new Phase(id: 'gentle', name: 'Gentle')
                : ($family === Family::Sailplane
                    ? new Phase(id: 'cruise', name: 'Cruise')
                    : new Phase(id: 'main', name: 'Main'));
        $link = $transmitter->links[$receiver->link ?? ''] ?? null;
        $empty = new Program(
            name: $name,
            family: $family,
            stickMode: $stickMode,
            transmitter: $transmitter->id,
            receiver: $receiver?->id,
            controller: $controller?->id,
            notes: '',
            phases: [$base],
            functions: [],
            outputs: [],
            curves: [],
            conditions: [],
            aboard: new Installation(
                kit: $link === null || $receiver === null
                    ? new KitChoice()
                    : new KitChoice(
                        link: $receiver->link,
                        subtype: isset($link->subtypes[$receiver->subtype]) ? $receiver->subtype : null,
                    ),
            ),
        );
        $recipe = Recipes::of($family);

        $written = RecipeWriter::fit(
            $recipe,
            RecipeSettings::of($recipe->settings(), ExpectedOrder::in($recipe->settings(), $settings, $controller)),
            $empty,
            $transmitter,
        )->program;

        return KnownModes::in($written, $controller);
    }
}
