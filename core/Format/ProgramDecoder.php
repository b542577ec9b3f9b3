<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Airframe\DerivedMeanings;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Fault\Faults;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Program\ConditionUsages;
use DuskSwitch\Core\Program\Program;

/** Reads a program document (format `dusk-switch/program`, version 2, or 1, which is brought up to it). */
final class ProgramDecoder
{
    public const FORMAT = 'dusk-switch/program';

    public const VERSION = 2;

    /** Conditions of a whole program, those inside others counted. A full aircraft has below a hundred. */
    public const MOST_CONDITIONS = 4000;

    /**
     * The program in a text.
     *
     * @throws Refused with the path of everything that is wrong
     */
    public static function decode(string $text): Program
    {
        return self::read(Json::decode($text));
    }

    /**
     * The program in a value that {@see Json} decoded.
     *
     * @throws Refused with the path of everything that is wrong
     */
    public static function read(mixed $document): Program
    {
        $faults = new Faults();
        $node = new JsonCursor($document, '', $faults);
        $version = Header::check($node, self::FORMAT, self::VERSION);
        $forms = $version === 1 ? Spelling::formsOfVersion1() : Spelling::forms();
        $program = $forms->declaration(Program::class)->readWith($node, $forms, beside: ['format', 'version']);
        if ($version === 1 && $faults->none()) {
            FromVersion1::refuseNewKeys($node);
        }
        $faults->refuseAny();
        $conditions = ConditionUsages::count($program);
        if ($conditions > self::MOST_CONDITIONS) {
            throw Refused::because(
                '',
                "there are {$conditions} conditions in this program, those inside others counted; at most ".
                    self::MOST_CONDITIONS.
                    ' can be checked. Give those that come again a name under "conditions" and ask for that',
            );
        }

        return $version === 1 ? DerivedMeanings::of($program) : $program;
    }
}
