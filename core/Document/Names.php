<?php

namespace DuskSwitch\Core\Document;

/** What an id in a document names. */
enum Names
{
    case Transmitter;
    case Receiver;
    case Controller;
    case SpeedController;
    case Pack;
    case Sensor;
    case Link;
    case LinkSubtype;
    case Recipe;
    case Control;
    case Detent;
    case Function;
    case Step;
    case Phase;
    case Curve;
    case Condition;
    case Mode;
    case Value;
    case Quantity;
    case SensorMode;
    case Part;
}
