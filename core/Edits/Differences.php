<?php

namespace DuskSwitch\Core\Edits;

use DuskSwitch\Core\Document\LeafChanges;
use DuskSwitch\Core\Format\Spelling;
use DuskSwitch\Core\Program\SummaryItem;

/** What changed from one program to another, in sentences: "Roll expo, Cruise: 30 % → 45 %". */
final class Differences
{
    /** Of a text with more characters than that */
    private const LONG = 160;

    /** as many are told, */
    private const TOLD = 60;

    /** about as many of them before the first that differs. */
    private const LEAD = 20;

    /**
     * @param  array<string, SummaryItem>  $old  {@see \DuskSwitch\Core\Program\ProgramSummary}
     * @param  array<string, SummaryItem>  $new
     * @return list<string> none where they mean the same
     */
    public static function between(array $old, array $new): array
    {
        // On another transmitter an id is another's: what has the same name there is the same to the pilot.
        $isMoved = ($old['program']->facts['transmitter'] ?? null) !== ($new['program']->facts['transmitter'] ?? null);
        $said = [];
        foreach ($new as $key => $subject) {
            if (! isset($old[$key])) {
                $said[] = "Added {$subject->kind} {$subject->name}";

                continue;
            }
            $told = self::within($old[$key], $subject);
            array_push($said, ...$told === [] && ! $isMoved ? self::byKeys($old[$key], $subject) : $told);
        }
        foreach (array_diff_key($old, $new) as $subject) {
            $said[] = "Removed {$subject->kind} {$subject->name}";
        }

        return $said;
    }

    /** @return list<string> */
    private static function within(SummaryItem $old, SummaryItem $new): array
    {
        $said = $old->name === $new->name ? [] : [ucfirst("{$new->kind} renamed: {$old->name} → {$new->name}")];
        foreach ($new->facts + $old->facts as $key => [$label]) {
            $before = $old->facts[$key][1] ?? 'none';
            $after = $new->facts[$key][1] ?? 'none';
            if ($before !== $after) {
                [$before, $after] = self::short($before, $after);
                $said[] = ucfirst(trim("{$new->name} {$label}")).": {$before} → {$after}";
            }
        }

        return $said;
    }

    /**
     * Two texts, of long ones the piece in which they begin to differ.
     *
     * @return array{string, string}
     */
    private static function short(string $one, string $other): array
    {
        if (max(mb_strlen($one), mb_strlen($other)) <= self::LONG) {
            return [$one, $other];
        }
        $same = mb_strlen(mb_strcut($one, 0, strspn($one ^ $other, "\0")));
        $space = mb_strrpos(mb_substr($one, 0, max(0, $same - self::LEAD)), ' ');
        $from = $space === false ? 0 : $space + 1;
        $piece = fn (string $text): string => ($from > 0 ? '…' : '').
            mb_strimwidth(mb_substr($text, $from), 0, self::TOLD, '…');

        return [$piece($one), $piece($other)];
    }

    /**
     * What has no words of its own, so that no change is silent.
     *
     * @return list<string>
     */
    private static function byKeys(SummaryItem $old, SummaryItem $new): array
    {
        $written = fn (SummaryItem $one): mixed => $one->of === null ? null : Spelling::written($one->of);

        return array_map(
            fn (string $change): string => ucfirst(trim("{$new->name} {$change}")),
            serialize($old->of) === serialize($new->of) ? [] : LeafChanges::between($written($old), $written($new)),
        );
    }
}
