<?php

namespace DuskSwitch\Core\Speech;

/**
 * How long the shipped voice (espeak-ng, 165 words a minute) takes for the words of a phrase: a table fitted to its own
 * clips by `tests/Outside/airtime.php`, and for every other word a rule fitted to the same. Against clips that the fit
 * never saw the mean error is below 5 %, which `AirtimeTest` holds for each language.
 */
final readonly class WordLengths
{
    /**
     * @param  float  $around  seconds before the first word and after the last
     * @param  float  $comma  seconds that a comma takes
     * @param  array{float, float, float}  $other  seconds of a word that isn't in the table: of its own, for each letter,
     *              for each syllable
     * @param  array<string, float>  $words  seconds by word, in small letters
     */
    public function __construct(
        private float $around,
        private float $comma,
        private array $other,
        private array $words,
    ) {}

    /**
     * Seconds that a phrase takes.
     *
     * @param  callable(string): int  $syllables  of a word
     */
    public function of(string $text, callable $syllables): float
    {
        $seconds = $this->around + $this->comma * substr_count(rtrim($text, ', '), ',');
        $words = self::words($text);
        [$each, $letter, $syllable] = $this->other;
        foreach ($words as $word) {
            $seconds += $this->words[$word] ?? $each + $letter * mb_strlen($word) + $syllable * $syllables($word);
        }

        return $words === [] ? 0.0 : round($seconds, 2);
    }

    /** @return list<string> the words of a text, in small letters */
    public static function words(string $text): array
    {
        return preg_split('/[^\p{L}\p{N}]+/u', mb_strtolower($text), -1, PREG_SPLIT_NO_EMPTY) ?: [];
    }
}
