<?php

namespace DuskSwitch\Core\Speech;

use DuskSwitch\Core\Units\Unit;
use NumberFormatter;

/** A language whose numbers are spelled by the platform's rules (ICU's rule-based numbers, Unicode CLDR). */
final class SpelledOut implements Language
{
    private const PLAIN = '%spellout-numbering';

    private const SOFT_HYPHEN = "\u{AD}";

    private readonly NumberFormatter $rules;

    public function __construct(private readonly LanguageWords $words)
    {
        $this->rules = new NumberFormatter($words->locale(), NumberFormatter::SPELLOUT);
    }

    public function number(float $number, int $places): string
    {
        return $this->written($number, $places, self::PLAIN);
    }

    public function value(float $number, int $places, ?Unit $unit): string
    {
        if ($unit === null) {
            return $this->number($number, $places);
        }
        [$one, $several, $feminine] = $this->words->unit($unit);
        $shown = (float) number_format(abs($number), $places, '.', '');
        $hasDecimals = $shown !== floor($shown);
        $rule = $one === '' || $hasDecimals ? self::PLAIN : self::counting($feminine);

        $said = $this->words->isOne($shown) ? $one : $several;

        return trim("{$this->written($number, $places, $rule)} {$said}");
    }

    public function unit(Unit $unit, float $number, int $places): string
    {
        [$one, $several] = $this->words->unit($unit);

        return $this->words->isOne((float) number_format(abs($number), $places, '.', '')) ? $one : $several;
    }

    public function time(float $seconds): string
    {
        $all = (int) round(abs($seconds));
        [$minutes, $rest] = [intdiv($all, 60), $all % 60];
        [$one, $several] = $this->words->minutes();
        $rule = self::counting($this->words->minute());
        $said = [
            ...$minutes > 0 ? [$this->spelled($minutes, $rule).' '.($minutes === 1 ? $one : $several)] : [],
            ...$rest > 0 || $minutes === 0 ? [$this->value($rest, 0, Unit::Second)] : [],
        ];

        return ($seconds < 0 && $all > 0 ? "{$this->words->minus()} " : '').implode(' ', $said);
    }

    public function missing(): string
    {
        return $this->words->missing();
    }

    public function syllables(string $text): int
    {
        return array_sum(
            array_map(
                fn (string $word): int => max(1, (int) preg_match_all('/[aeiouyäöüàâáéèêëíîïóôúûùœæ]+/u', $word)),
                WordLengths::words($text),
            ),
        );
    }

    public function seconds(string $text): float
    {
        return $this->words->lengths()->of($text, $this->syllables(...));
    }

    public function pieces(): array
    {
        $pieces = [];
        foreach ([...range(0, 100), ...range(200, 1000, 100)] as $number) {
            $pieces[sprintf('number-%04d', $number)] = $this->number($number, 0);
        }

        return $pieces + ['comma' => $this->words->comma(), 'minus' => $this->words->minus()];
    }

    private static function counting(bool $feminine): string
    {
        return $feminine ? '%spellout-cardinal-feminine' : '%spellout-cardinal-masculine';
    }

    private function written(float $number, int $places, string $rule): string
    {
        $text = number_format(abs($number), $places, '.', '');
        [$whole, $decimals] = [...explode('.', $text), ''];
        $minus = $number < 0 && (float) $text !== 0.0 ? "{$this->words->minus()} " : '';
        $digit = fn (string $one): string => $this->spelled((int) $one, self::PLAIN);
        $digits = rtrim($decimals, '0') === '' ? [] : array_map($digit, str_split($decimals));

        return $minus.
            $this->spelled((int) $whole, $digits === [] ? $rule : self::PLAIN).
            ($digits === [] ? '' : " {$this->words->comma()} ".implode(' ', $digits));
    }

    private function spelled(int $number, string $rule): string
    {
        $this->rules->setTextAttribute(NumberFormatter::DEFAULT_RULESET, $rule);

        return str_replace(self::SOFT_HYPHEN, '', (string) $this->rules->format($number));
    }
}
