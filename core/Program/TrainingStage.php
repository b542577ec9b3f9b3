<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Document\Field;
use DuskSwitch\Core\Document\Form\Day;
use DuskSwitch\Core\Document\Form\Id;
use DuskSwitch\Core\Document\Form\Number;
use DuskSwitch\Core\Document\Form\Text;
use DuskSwitch\Core\Document\Names;
use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\Says;
use DuskSwitch\Core\Document\WithFields;

/** One step of a training ladder. */
#[Says(name: 'rung')]
final readonly class TrainingStage implements Part
{
    use WithFields;

    /**
     * @param  float  $expo  0 to 1
     * @param  float  $rate  both sides, above 0, at most 1.5
     * @param  string|null  $style  the step that the ladder's switched function takes with its switch at rest
     * @param  string|null  $date  when it is planned, YYYY-MM-DD
     */
    public function __construct(
        #[Text]
        public string $name,
        #[Number(0, 1)]
        public float $expo,
        #[Number(0.05, 1.5)]
        public float $rate,
        #[Id(Names::Step), Field(says: "a step of the ladder's style")]
        public ?string $style = null,
        #[Day, Field(says: 'when it is planned, YYYY-MM-DD')]
        public ?string $date = null,
        #[Text(400, mayBeEmpty: true)]
        public string $note = '',
    ) {}
}
