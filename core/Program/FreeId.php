<?php

namespace DuskSwitch\Core\Program;

/** Ids that nothing has yet. */
final class FreeId
{
    /**
     * The wished one, else the first of "wish-2", "wish-3" … that is free.
     *
     * @param  list<string>  $taken
     */
    public static function like(string $wish, array $taken): string
    {
        for ($id = $wish, $number = 2; in_array($id, $taken, true); $number++) {
            $id = "{$wish}-{$number}";
        }

        return $id;
    }
}
