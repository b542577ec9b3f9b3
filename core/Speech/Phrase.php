<?php

namespace DuskSwitch\Core\Speech;

use DuskSwitch\Core\Program\Telemetry\PhrasePart;
use DuskSwitch\Core\Telemetry\Values;
use DuskSwitch\Core\Units\Dimension;

/** Turns the tokens of a phrase into words, with the values of the moment. */
final readonly class Phrase
{
    public function __construct(private Values $values, private Language $language) {}

    /**
     * The words; a value that isn't there is said to be missing.
     *
     * @param  list<PhrasePart>  $tokens
     * @param  array<string, float>  $now  telemetry in base units
     */
    public function say(array $tokens, array $now): string
    {
        return trim(
            implode(
                ' ',
                array_map(
                    fn (PhrasePart $token): string => $token->words ??
                        $this->value($token, $now[$token->value] ?? null),
                    $tokens,
                ),
            ),
        );
    }

    private function value(PhrasePart $token, ?float $base): string
    {
        $value = $this->values->find($token->value ?? '');
        if ($value === null || $base === null) {
            return ($value->name ?? 'value')." {$this->language->missing()}";
        }
        if ($value->dimension === Dimension::Time) {
            return $this->language->time($base);
        }

        return $this->language->value(
            $value->unit->fromBase($base),
            $token->places,
            $token->unit ? $value->unit : null,
        );
    }
}
