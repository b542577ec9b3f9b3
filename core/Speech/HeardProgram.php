<?php

namespace DuskSwitch\Core\Speech;

/** What a program wanted to say in a flight, and what became of the conditions of its calls. */
final readonly class HeardProgram
{
    /**
     * @param  list<QueuedPhrase>  $offers  in the order of time
     * @param  array<string, list<array{float, float}>>  $held  from when to when each call's condition held, by its id
     * @param  array<string, list<array{float, float}>>  $unknown  from when to when nobody could say: a value was missing
     */
    public function __construct(public array $offers, public array $held, public array $unknown) {}
}
