<?php

namespace DuskSwitch\Core\Proof;

/** What a proof finds that none of others found. */
final class NewFindings
{
    /** @return list<Finding> those that were accepted among them: they were accepted where something else was so */
    public static function of(Proof $proof, Proof ...$others): array
    {
        $known = [];
        foreach ($others as $other) {
            foreach (self::all($other) as $finding) {
                $known[$finding->key()] = true;
            }
        }

        return array_values(
            array_filter(self::all($proof), fn (Finding $one): bool => ! isset($known[$one->key()])),
        );
    }

    /** @return list<Finding> */
    private static function all(Proof $proof): array
    {
        return [...$proof->findings, ...array_column($proof->accepted, 0)];
    }
}
