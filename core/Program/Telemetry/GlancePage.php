<?php

namespace DuskSwitch\Core\Program\Telemetry;

use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\WithFields;

/** What a pilot looks at for one flight task. */
final readonly class GlancePage implements Part
{
    use WithFields;

    /** No page has more cells. */
    public const MOST = 8;

    /**
     * @param  string|null  $phase  the id of the phase in which it is looked at; null in any
     * @param  list<GlanceCell>  $cells  in the order in which they are read
     */
    public function __construct(
        public string $id,
        public string $name,
        public GlanceKind $kind,
        public ?string $phase,
        public array $cells,
    ) {}
}
