<?php

namespace DuskSwitch\Core\Kit;

use DuskSwitch\Core\Document\Form\ListOf;
use DuskSwitch\Core\Document\Form\Whole;
use DuskSwitch\Core\Document\Part;
use DuskSwitch\Core\Document\Says;
use DuskSwitch\Core\Document\WithFields;

/**
 * What a controller is set to do when the signal is lost, and the channels that the receiver must still give for it.
 */
#[Says('what it does by itself when the signal is lost, and the channels that the receiver must still give for it')]
final readonly class SignalLoss implements Part
{
    use WithFields;

    /** @param  list<int>  $channels  those that it needs: an arm channel that must stay armed to come home */
    public function __construct(
        public LossAction $does,
        #[ListOf(new Whole(1, 32), most: 32)]
        public array $channels = [],
    ) {}
}
