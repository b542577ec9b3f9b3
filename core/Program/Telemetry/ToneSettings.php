<?php

namespace DuskSwitch\Core\Program\Telemetry;

use DuskSwitch\Core\Document\Form\Id;
use DuskSwitch\Core\Document\Names;
use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\WithFields;
use DuskSwitch\Core\Program\Condition\Condition;
use DuskSwitch\Core\Units\Range;

/** How the variometer's tone is set on an aircraft: what it follows, when it is heard, and how it sounds. */
final readonly class ToneSettings implements Part
{
    use WithFields;

    /** Hz within which a tone may be asked for: what small speakers give. */
    public const HERTZ = [100.0, 4000.0];

    /** Beeps a second. */
    public const BEEPS = [0.5, 20.0];

    /** m/s. */
    public const CLIMBS = [-30.0, 30.0];

    /** The middle of the pitch, in Hz (from memory, as all defaults here). */
    public const MIDDLE = 550.0;

    /**
     * @param  string|null  $of  the id of a climb; null for the first that there is
     * @param  Condition|null  $when  heard while this holds; null always
     * @param  Range  $quiet  climbs between which it is silent, m/s
     * @param  Range  $full  sink and climb beyond which it says no more, m/s
     * @param  Range  $pitch  at full sink and at full climb, Hz
     * @param  float  $middle  the pitch of level flight, Hz
     * @param  Range  $beeps  a second, in the weakest and in full climb; sink is one long tone
     */
    public function __construct(
        #[Id(Names::Value)]
        public ?string $of = null,
        public ?Condition $when = null,
        public Range $quiet = new Range(-1.5, 0.2),
        public Range $full = new Range(-5.0, 6.0),
        public Range $pitch = new Range(220.0, 1400.0),
        public float $middle = self::MIDDLE,
        public Range $beeps = new Range(1.8, 7.0),
    ) {}
}
