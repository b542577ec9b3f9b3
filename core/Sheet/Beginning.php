<?php

namespace DuskSwitch\Core\Sheet;

use DuskSwitch\Core\Kit\Receiver;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Family;
use DuskSwitch\Core\Program\Program;

/** What comes before the first value and after the last (common practice). */
final class Beginning
{
    /** The new, empty program. */
    public static function section(Program $program, Transmitter $transmitter, ?Receiver $receiver): Section
    {
        return new Section(
            'Begin',
            'Before the aircraft is powered for the first time. Propellers off; back the old set-up up.',
            [
                new Line('New program', 'empty: inherit nothing'),
                new Line('Name', $program->name),
                new Line('Kind', $program->family->title()),
                new Line('Stick mode', $program->stickMode->title()),
                ...self::link($program, $transmitter, $receiver),
            ],
        );
    }

    /** @return list<Line> the link and the receiver that it binds */
    private static function link(Program $program, Transmitter $transmitter, ?Receiver $receiver): array
    {
        $kit = $program->aboard->kit;
        $link = $transmitter->links[$kit->link ?? ''] ?? null;
        $subtype = $link->subtypes[$kit->subtype ?? '']['name'] ?? null;

        return [
            ...$link === null ? [] : [new Line('Link', $link->name)],
            ...$subtype === null ? [] : [new Line('Sub-type', $subtype)],
            ...$kit->memory === null ? [] : [new Line('Place in the transmitter', $kit->memory)],
            ...$kit->match === null
                ? []
                : [new Line('Receiver match', "{$kit->match}: the receiver answers to this program alone")],
            ...$receiver === null ? [] : [new Line('Receiver', "{$receiver->name}, bound once link and sub-type are set")],
        ];
    }

    /** What to look at once everything is keyed in. */
    public static function ending(Program $program): Section
    {
        $stabilised = in_array(
            $program->family,
            [Family::Helicopter, Family::Multirotor, Family::TinyMultirotor],
            true,
        );

        return new Section('Look once more', 'Propellers off. Local rules and club rules come first.', [
            new Line('Trims', $stabilised ? 'all in the middle, and they stay there' : 'all in the middle'),
            new Line('Every switch at rest', 'then power up: nothing may be armed'),
            new Line(
                'Channel monitor',
                'each stick and switch moves what it should, the right way, as far as it should',
            ),
            new Line('Failsafe', 'set it, and test it with the transmitter off'),
        ]);
    }
}
