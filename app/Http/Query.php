<?php

namespace DuskSwitch\App\Http;

use DuskSwitch\Core\Fault\Faults;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\Node;
use Illuminate\Http\Request;

/** What stands behind the question mark of an address. */
final class Query
{
    /**
     * An id, or nothing where it is missing or empty.
     *
     * @throws Refused where something else stands there
     */
    public static function id(Request $request, string $key): string
    {
        $value = $request->query->all()[$key] ?? '';
        if ($value === '') {
            return '';
        }
        $node = new Node(is_string($value) && mb_check_encoding($value, 'UTF-8') ? $value : null, $key, new Faults);
        $id = $node->id();
        $node->faults->refuseAny();

        return $id;
    }
}
