<?php

namespace DuskSwitch\App\Equipment;

use DuskSwitch\Core\Document\JsonCursor;
use DuskSwitch\Core\Fault\Faults;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\Header;
use DuskSwitch\Core\Format\Json;
use DuskSwitch\Core\Format\Kit\ControllerDecoder;
use DuskSwitch\Core\Format\Kit\PowerDecoder;
use DuskSwitch\Core\Format\Kit\ReceiverDecoder;
use DuskSwitch\Core\Format\Kit\SensorDecoder;
use DuskSwitch\Core\Format\ScenarioDecoder;
use DuskSwitch\Core\Format\TransmitterDecoder;
use DuskSwitch\Core\Kit\Controller;
use DuskSwitch\Core\Kit\Pack;
use DuskSwitch\Core\Kit\Receiver;
use DuskSwitch\Core\Kit\Sensor;
use DuskSwitch\Core\Kit\SpeedController;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Rehearsal\Scenario;

/** The kinds of things in Equipment. */
enum DefinitionKind: string
{
    case Transmitters = 'transmitters';
    case Receivers = 'receivers';
    case Controllers = 'controllers';
    case Packs = 'packs';
    case SpeedControllers = 'speed-controllers';
    case Sensors = 'sensors';
    case Scenarios = 'scenarios';

    /** What one of them is called: "flight script". */
    public function one(): string
    {
        return $this === self::Scenarios ? 'flight script' : str_replace('-', ' ', substr($this->value, 0, -1));
    }

    /** What they are called together: "Flight scripts". */
    public function title(): string
    {
        return ucfirst("{$this->one()}s");
    }

    /** The format that its documents name. */
    public function format(): string
    {
        return match ($this) {
            self::Transmitters => TransmitterDecoder::FORMAT,
            self::Receivers => ReceiverDecoder::FORMAT,
            self::Controllers => ControllerDecoder::FORMAT,
            self::Packs => PowerDecoder::PACK,
            self::SpeedControllers => PowerDecoder::SPEED_CONTROLLER,
            self::Sensors => SensorDecoder::FORMAT,
            self::Scenarios => ScenarioDecoder::FORMAT,
        };
    }

    /**
     * The definition in a text.
     *
     * @throws Refused with the path of everything that is wrong
     */
    public function decode(string $text): Transmitter|Receiver|Controller|Pack|SpeedController|Sensor|Scenario
    {
        if ($this === self::Transmitters) {
            return TransmitterDecoder::decode($text);
        }
        $node = new JsonCursor(Json::decode($text), '', new Faults());
        Header::check($node, $this->format(), 1);
        $found = match ($this) {
            self::Receivers => ReceiverDecoder::read($node),
            self::Controllers => ControllerDecoder::read($node),
            self::Packs => PowerDecoder::pack($node),
            self::SpeedControllers => PowerDecoder::speedController($node),
            self::Sensors => SensorDecoder::read($node),
            self::Scenarios => ScenarioDecoder::read($node),
        };
        $node->faults->refuseAny();

        return $found;
    }
}
