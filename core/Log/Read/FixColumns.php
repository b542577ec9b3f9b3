<?php

namespace DuskSwitch\Core\Log\Read;

use DuskSwitch\Core\Log\LogColumn;
use DuskSwitch\Core\Log\LogQuantity;
use DuskSwitch\Core\Log\LogUnit;

/** The columns of recordings of positions, whose formats say what they hold and in which unit. */
final class FixColumns
{
    /**
     * @param  array<string, LogQuantity>  $quantities  by what they are called there
     * @return list<LogColumn>
     */
    public static function of(array $quantities): array
    {
        $columns = [];
        foreach ($quantities as $name => $quantity) {
            $dimension = $quantity->dimension();
            $columns[] = new LogColumn('', $name, $quantity, $dimension === null ? null : LogUnit::base($dimension));
        }

        return LogColumn::named($columns);
    }
}
