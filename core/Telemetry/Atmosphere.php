<?php

namespace DuskSwitch\Core\Telemetry;

/** The standard atmosphere up to 11 km: ISO 2533:1975. */
final class Atmosphere
{
    /** Kelvin at sea level, hectopascals there, and kelvin lost a metre upwards. */
    public const T0 = 288.15;

    public const P0 = 1013.25;

    private const LAPSE = 0.0065;

    /** g0 / (lapse · R), with R = 287.05287 J/(kg·K). */
    private const POWER = 9.80665 / (0.0065 * 287.05287);

    private const R = 287.05287;

    /** kg/m³ at sea level. */
    public const RHO0 = 1.225;

    /** hPa at a height in metres. */
    public static function pressure(float $height): float
    {
        return self::P0 * (1 - (self::LAPSE * $height) / self::T0) ** self::POWER;
    }

    /**
     * Metres at which the standard atmosphere has that pressure.
     *
     * @param  float  $pressure  hPa, above 0
     */
    public static function height(float $pressure): float
    {
        return (self::T0 / self::LAPSE) * (1 - ($pressure / self::P0) ** (1 / self::POWER));
    }

    /** kelvin at a height in metres. */
    public static function temperature(float $height): float
    {
        return self::T0 - self::LAPSE * $height;
    }

    /**
     * kg/m³ of dry air.
     *
     * @param  float  $pressure  hPa
     * @param  float  $celsius  °C
     */
    public static function density(float $pressure, float $celsius): float
    {
        return ($pressure * 100) / (self::R * ($celsius + 273.15));
    }

    /**
     * m/s that a probe shows at sea level for a pressure difference in pascals (incompressible: good to 0.5 % below 100
     * m/s).
     */
    public static function airspeed(float $pascals): float
    {
        return $pascals < 0 ? -sqrt((-2 * $pascals) / self::RHO0) : sqrt((2 * $pascals) / self::RHO0);
    }

    /** Pascals between the two tubes of a probe at an indicated airspeed in m/s. */
    public static function pitot(float $speed): float
    {
        return (self::RHO0 * $speed * abs($speed)) / 2;
    }

    /**
     * True airspeed from the indicated one.
     *
     * @param  float  $density  kg/m³, above 0
     */
    public static function trueAirspeed(float $indicated, float $density): float
    {
        return $indicated * sqrt(self::RHO0 / $density);
    }
}
