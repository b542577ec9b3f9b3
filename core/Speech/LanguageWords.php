<?php

namespace DuskSwitch\Core\Speech;

use DuskSwitch\Core\Units\Unit;

/** The words of a language that numbers are said with; the numbers themselves are spelled by rule. */
interface LanguageWords
{
    /** For the rules: "de". */
    public function locale(): string;

    /** @return array{string, string, bool} a unit for one and for several, and whether it is feminine */
    public function unit(Unit $unit): array;

    /** True where a number takes the unit's form for one: French says so up to two. */
    public function isOne(float $number): bool;

    /** Between the whole and the decimals. */
    public function comma(): string;

    /** Before a number below zero. */
    public function minus(): string;

    /** After the name of a value that isn't there. */
    public function missing(): string;

    /** @return array{string, string} minutes, for one and for several; all feminine or masculine as {@see minute} says */
    public function minutes(): array;

    /** True where a minute is feminine. */
    public function minute(): bool;

    /** How long its words take. */
    public function lengths(): WordLengths;
}
