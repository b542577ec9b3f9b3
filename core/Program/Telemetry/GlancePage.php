<?php

namespace DuskSwitch\Core\Program\Telemetry;

use DuskSwitch\Core\Document\Checked;
use DuskSwitch\Core\Document\Field;
use DuskSwitch\Core\Document\Form\Id;
use DuskSwitch\Core\Document\Form\ListOf;
use DuskSwitch\Core\Document\Form\Text;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\Names;
use DuskSwitch\Core\Document\Says;
use DuskSwitch\Core\Document\WithFields;

/** What a pilot looks at for one flight task. */
#[Says(name: 'page')]
final readonly class GlancePage implements Checked
{
    use WithFields;

    /** No page has more cells. */
    public const MOST = 8;

    /**
     * @param  string|null  $phase  the id of the phase in which it is looked at; null in any
     * @param  list<GlanceCell>  $cells  in the order in which they are read
     */
    public function __construct(
        #[Id]
        public string $id,
        #[Text]
        public string $name,
        #[ListOf(GlanceCell::class, most: self::MOST), Field(after: 'phase', says: 'in the order in which they are read')]
        public array $cells,
        #[Field(says: "the transmitter's screen where it is missing")]
        public GlanceKind $kind = GlanceKind::Screen,
        #[Id(Names::Phase), Field(says: 'in which it is looked at; any where it is missing')]
        public ?string $phase = null,
    ) {}

    public function check(JsonCursor $node): static
    {
        $taken = [];
        $items = $node->at('cells')?->each() ?? [];
        foreach ($this->cells as $number => $cell) {
            $where = $items[$number]->at('place');
            if ($this->kind === GlanceKind::Picture && $where === null) {
                $items[$number]->fault('say where in the picture it stands, "place": its middle stays clear');
            } elseif ($this->kind === GlanceKind::Screen && $where !== null) {
                $where->fault('is for the picture: on a screen cells follow one another');
            } elseif ($where !== null && in_array($cell->place, $taken, true)) {
                $where->fault("is taken: something stands {$cell->place?->says()} already");
            }
            $taken[] = $cell->place;
        }

        return $this;
    }
}
