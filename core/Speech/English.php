<?php

namespace DuskSwitch\Core\Speech;

use DuskSwitch\Core\Speech\Lengths\EnglishLengths;
use DuskSwitch\Core\Units\Unit;

/** English, as radio-control pilots hear it: "one hundred and twenty metres", "three point five volts". */
final class English implements Language
{
    private const SMALL = [
        'zero',
        'one',
        'two',
        'three',
        'four',
        'five',
        'six',
        'seven',
        'eight',
        'nine',
        'ten',
        'eleven',
        'twelve',
        'thirteen',
        'fourteen',
        'fifteen',
        'sixteen',
        'seventeen',
        'eighteen',
        'nineteen',
    ];

    private const TENS = [2 => 'twenty', 'thirty', 'forty', 'fifty', 'sixty', 'seventy', 'eighty', 'ninety'];

    private const GROUPS = ['', ' thousand', ' million'];

    public function number(float $number, int $places): string
    {
        $text = number_format(abs($number), $places, '.', '');
        [$whole, $decimals] = [...explode('.', $text), ''];
        $minus = $number < 0 && (float) $text !== 0.0 ? 'minus ' : '';
        $point =
            rtrim($decimals, '0') === ''
                ? ''
                : ' point '.
                    implode(
                        ' ',
                        array_map(fn (string $digit): string => self::SMALL[(int) $digit], str_split($decimals)),
                    );

        return $minus.$this->whole((int) $whole).$point;
    }

    public function unit(Unit $unit, float $number, int $places): string
    {
        return $unit->said(number_format(abs($number), $places, '.', '') === number_format(1, $places, '.', ''));
    }

    public function value(float $number, int $places, ?Unit $unit): string
    {
        $said = $unit === null ? '' : $this->unit($unit, $number, $places);

        return trim("{$this->number($number, $places)} {$said}");
    }

    public function missing(): string
    {
        return 'missing';
    }

    public function pieces(): array
    {
        $pieces = [];
        foreach ([...range(0, 20), 30, 40, 50, 60, 70, 80, 90, 100] as $number) {
            $pieces[sprintf('number-%03d', $number)] = $this->number($number, 0);
        }

        return $pieces + [
            'point' => 'point',
            'minus' => 'minus',
            'hundred' => 'hundred',
            'thousand' => 'thousand',
            'and' => 'and',
        ];
    }

    public function time(float $seconds): string
    {
        $all = (int) round(abs($seconds));
        [$minutes, $rest] = [intdiv($all, 60), $all % 60];
        $said = array_filter(
            [
                $minutes > 0 ? $this->whole($minutes).($minutes === 1 ? ' minute' : ' minutes') : '',
                $rest > 0 || $minutes === 0 ? $this->whole($rest).($rest === 1 ? ' second' : ' seconds') : '',
            ],
            fn (string $part): bool => $part !== '',
        );

        return ($seconds < 0 && $all > 0 ? 'minus ' : '').implode(' ', $said);
    }

    public function syllables(string $text): int
    {
        $count = 0;
        foreach (preg_split('/[^a-z]+/', strtolower($text), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            // A final e is silent, unless it's all there is; "le" after a consonant is said.
            $spoken = (string) preg_replace('/(?<=[a-z]{2})(?<![^aeiouy]l)e$/', '', $word);
            $count += max(1, (int) preg_match_all('/[aeiouy]+/', $spoken));
        }

        return $count;
    }

    public function seconds(string $text): float
    {
        return EnglishLengths::table()->of($text, $this->syllables(...));
    }

    private function whole(int $number): string
    {
        if ($number === 0) {
            return self::SMALL[0];
        }
        $parts = [];
        for ($group = 0; $number > 0 && $group < count(self::GROUPS); $group++) {
            $three = $group === count(self::GROUPS) - 1 ? $number : $number % 1000;
            if ($three > 0) {
                // "one thousand and five": the last group, where it has no hundreds, is joined with "and".
                $joined = $group === 0 && $number >= 1000 && $three < 100 ? 'and ' : '';
                array_unshift($parts, $joined.$this->belowThousand($three).self::GROUPS[$group]);
            }
            $number = intdiv($number, 1000);
        }

        return implode(' ', $parts);
    }

    private function belowThousand(int $number): string
    {
        $hundreds = intdiv($number, 100);
        $rest = $number % 100;
        $small = match (true) {
            $rest === 0 => '',
            $rest < 20 => self::SMALL[$rest] ?? '',
            $rest % 10 === 0 => self::TENS[intdiv($rest, 10)],
            default => self::TENS[intdiv($rest, 10)].'-'.self::SMALL[$rest % 10],
        };

        return match (true) {
            $hundreds === 0 => $small,
            $small === '' => self::SMALL[$hundreds % 20].' hundred',
            default => self::SMALL[$hundreds % 20]." hundred and {$small}",
        };
    }
}
