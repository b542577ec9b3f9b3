<?php

namespace DuskSwitch\App\Http;

use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Fault\Faults;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\Json;
use Illuminate\Http\Request;

/** The JSON body of a request, read once, with the path of what is wrong. */
final readonly class Body
{
    /** More than a pilot can ever save, and what every machine can count to. */
    private const MOST_REVISIONS = 2_000_000_000;

    private function __construct(private mixed $value, public JsonCursor $node) {}

    /**
     * @param  list<string>  $required
     * @param  list<string>  $optional
     *
     * @throws Refused where it isn't JSON
     */
    public static function of(Request $request, array $required, array $optional = []): self
    {
        $value = Json::decode($request->getContent(), Json::MAX_BODY_BYTES);
        $node = new JsonCursor($value, '', new Faults());
        $node->keys($required, $optional);
        if (! $node->isObject()) {
            $node->faults->refuseAny();
        }

        return new self($value, $node);
    }

    /** What stands under a key; where it is missing its fault is already noted. */
    public function need(string $key): JsonCursor
    {
        return $this->node->at($key) ?? new JsonCursor(null, $key, new Faults());
    }

    /** What stands under a key; null where it is left out, or null. */
    public function optional(string $key): ?JsonCursor
    {
        $node = $this->node->at($key);

        return $node === null || $node->isNull() ? null : $node;
    }

    /** A day as 2026-05-09. */
    public static function day(JsonCursor $node): string
    {
        $text = $node->text(10);
        if (
            preg_match('/^(\d{4})-(\d{2})-(\d{2})$/D', $text, $found) !== 1 ||
            ! checkdate((int) $found[2], (int) $found[3], (int) $found[1])
        ) {
            $node->fault('must be a day as 2026-05-09');
        }

        return $text;
    }

    /** The value under a key as it was decoded, or null. */
    public function raw(string $key): mixed
    {
        return $this->value->{$key} ?? null;
    }

    /** The revision that something was decided on, under `base`. */
    public function base(): int
    {
        return $this->revision('base');
    }

    /** The number of a revision. */
    public function revision(string $key): int
    {
        return $this->need($key)->whole(1, self::MOST_REVISIONS);
    }

    /**
     * Ends the reading.
     *
     * @throws Refused when anything was wrong
     */
    public function done(): void
    {
        $this->node->faults->refuseAny();
    }
}
