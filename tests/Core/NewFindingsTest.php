<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Program\AcceptedFinding;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\NewFindings;
use DuskSwitch\Core\Proof\Proof;
use PHPUnit\Framework\TestCase;

/** What is found in both of two edits together, and in neither. */
final class NewFindingsTest extends TestCase
{
    private static function proof(Program $program): Proof
    {
        return Proof::of(Given::context($program));
    }

    /** Its throttle doesn't come down far enough. */
    private static function high(Program $accepting): Program
    {
        $throttle = fn ($output) => $output->channel === 3 ? $output->with(subtrim: 0.3) : $output;

        return $accepting->with(outputs: array_map($throttle, $accepting->outputs));
    }

    /** @return list<string> */
    private static function keys(Finding ...$findings): array
    {
        return array_map(fn (Finding $one): string => $one->key(), array_values($findings));
    }

    public function test_an_acceptance_hides_nothing_that_is_new(): void
    {
        $fine = ProgramDecoder::decode(Given::demo('nightjar'));
        $new = NewFindings::of(self::proof(self::high($fine)), self::proof($fine));
        self::assertNotSame([], $new);

        // One edit accepts in advance, so to say, what the other brings.
        $accepted = array_map(fn (string $key) => new AcceptedFinding($key, 'seen before'), self::keys(...$new));
        $accepting = $fine->with(aboard: $fine->aboard->with(accepted: $accepted));
        $both = self::proof(self::high($accepting));
        self::assertSame([], array_intersect(self::keys(...$both->findings), self::keys(...$new)));
        $found = NewFindings::of($both, self::proof($fine));
        self::assertEqualsCanonicalizing(self::keys(...$new), self::keys(...$found));
    }

    public function test_what_one_of_them_had_and_accepted_is_not_new(): void
    {
        $fine = ProgramDecoder::decode(Given::demo('nightjar'));
        $high = self::proof(self::high($fine));
        self::assertSame([], NewFindings::of($high, self::proof($fine), $high));
        $keys = self::keys(...NewFindings::of($high, self::proof($fine)));
        $accepted = array_map(fn (string $key) => new AcceptedFinding($key, 'seen before'), $keys);
        $accepting = self::proof(self::high($fine->with(aboard: $fine->aboard->with(accepted: $accepted))));
        self::assertSame([], NewFindings::of($high, $accepting));
    }
}
