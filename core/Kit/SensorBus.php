<?php

namespace DuskSwitch\Core\Kit;

/** The kinds of sensor bus; a device's lamp tells which it speaks (common practice). */
enum SensorBus: string
{
    case OneWay = 'one-way';
    case Shared = 'shared';

    /** Its name. */
    public function says(): string
    {
        return $this === self::OneWay
            ? 'older one-way sensor bus'
            : 'newer shared bus, which carries servo commands too';
    }

    /** What a device's lamp does on it. */
    public function lamp(): string
    {
        return $this === self::OneWay ? 'slow' : 'quick';
    }
}
