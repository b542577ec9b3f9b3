<?php

namespace DuskSwitch\Core\Kit;

/**
 * What a controller is set to do when the signal is lost, and the channels that the receiver must still give for it.
 */
final readonly class SignalLoss
{
    /** @param  list<int>  $channels  those that it needs: an arm channel that must stay armed to come home */
    public function __construct(public LossAction $does, public array $channels = []) {}
}
