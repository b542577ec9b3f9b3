<?php

namespace DuskSwitch\App\Http;

use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Fault\Faults;
use DuskSwitch\Core\Fault\Refused;
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
        $node = new JsonCursor(
            is_string($value) && mb_check_encoding($value, 'UTF-8') ? $value : null,
            $key,
            new Faults(),
        );
        $id = $node->id();
        $node->faults->refuseAny();

        return $id;
    }

    /** True where the key stands there, whatever its value. */
    public static function flag(Request $request, string $key): bool
    {
        return array_key_exists($key, $request->query->all());
    }

    /**
     * A whole number from 1 on, or null where it is missing.
     *
     * @throws Refused where something else stands there
     */
    public static function whole(Request $request, string $key): ?int
    {
        $value = $request->query->all()[$key] ?? null;
        if ($value === null) {
            return null;
        }

        return is_string($value) && preg_match('/^[1-9]\d{0,8}$/D', $value) === 1
            ? (int) $value
            : throw Refused::because($key, 'must be a whole number from 1 on');
    }
}
