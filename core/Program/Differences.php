<?php

namespace DuskSwitch\Core\Program;

/** What changed from one program to another, in sentences: "Roll expo, Cruise: 30 % → 45 %". */
final class Differences
{
    /**
     * @param  array<string, SummaryItem>  $old  {@see ProgramSummary}
     * @param  array<string, SummaryItem>  $new
     * @return list<string> none where they mean the same
     */
    public static function between(array $old, array $new): array
    {
        $said = [];
        foreach ($new as $key => $subject) {
            if (! isset($old[$key])) {
                $said[] = "Added {$subject->kind} {$subject->name}";
            } else {
                array_push($said, ...self::within($old[$key], $subject));
            }
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
                $said[] = ucfirst(trim("{$new->name} {$label}")).": {$before} → {$after}";
            }
        }

        return $said;
    }
}
