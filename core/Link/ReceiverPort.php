<?php

namespace DuskSwitch\Core\Link;

/** A receiver as one meets it on the bench: something is done, and its lamp answers. */
interface ReceiverPort
{
    /** The same receiver after an act. */
    public function after(BindingAction $act): self;

    /** What its lamp shows. */
    public function lamp(): Lamp;

    /** True where it is bound and hears its transmitter. */
    public function hears(): bool;

    /** True where a reading comes back. */
    public function telemetry(): bool;

    /** True where what it hears arrives at the controller. */
    public function arrives(): bool;

    /** What just happened, and where it failed why, with the cure. */
    public function says(): string;
}
