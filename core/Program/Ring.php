<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Document\Checked;
use DuskSwitch\Core\Document\Field;
use DuskSwitch\Core\Document\Form\Id;
use DuskSwitch\Core\Document\Form\ListOf;
use DuskSwitch\Core\Document\Form\Number;
use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Document\Names;
use DuskSwitch\Core\Document\Says;
use DuskSwitch\Core\Document\WithFields;

/**
 * Holds two functions together inside a circle, as the ring around a swash plate's mast does: where the
 * stick is in a corner, both are shortened so that their direction stays and their length is the limit.
 */
#[Says('holds two functions together inside a circle')]
final readonly class Ring implements Checked
{
    use WithFields;

    /**
     * @param  array{string, string}  $of  two proportional functions
     * @param  float  $limit  the circle's radius as a signal, above 0, at most 1.5
     */
    public function __construct(
        #[ListOf(new Id(Names::Function), most: 2, least: 2)]
        public array $of,
        #[Number(0.05, 1.5), Field(says: "the circle's radius as a signal")]
        public float $limit,
    ) {}

    public function check(JsonCursor $node): static
    {
        $of = $node->need('of');
        if (count($of->each()) >= 2 && $this->of[0] === $this->of[1]) {
            $of->fault('must name two different functions');
        }

        return $this;
    }
}
