<?php

namespace DuskSwitch\Core\Readiness;

/** Something that the pilot did with the aircraft in hand. */
final readonly class DoneAct
{
    /**
     * @param  string  $kind  bind, test, check or aside
     * @param  string  $about  binding, the step at the bench, the checklist, the item of the readiness list
     * @param  string|null  $fingerprint  of what it tested; null where nobody knows any more
     * @param  string  $at  ISO 8601
     * @param  string|null  $note  the pilot's own
     */
    public function __construct(
        public string $kind,
        public string $about,
        public ?string $fingerprint,
        public string $at,
        public ?string $note = null,
    ) {}
}
