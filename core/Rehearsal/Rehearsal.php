<?php

namespace DuskSwitch\Core\Rehearsal;

use DuskSwitch\Core\Flight\EventKind;
use DuskSwitch\Core\Flight\FlightEvent;
use DuskSwitch\Core\Flight\LastPosition;
use DuskSwitch\Core\Flight\Recording;
use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Speech\Airtime;
use DuskSwitch\Core\Speech\HeardCalls;
use DuskSwitch\Core\Speech\Languages;
use DuskSwitch\Core\Speech\Queue;
use DuskSwitch\Core\Speech\Report;
use DuskSwitch\Core\Speech\Variometer;
use DuskSwitch\Core\Speech\Voice;
use DuskSwitch\Core\Telemetry\Deriver;
use DuskSwitch\Core\Telemetry\Values;

/** Listens to a recorded flight with a program's alarms and callouts; the flight need not be flown again for that. */
final class Rehearsal
{
    /**
     * @param  array<string, float>  $clips  seconds by text, where there are clips
     * @param  float  $wind  m/s, as far as it is known
     * @param  HeardCalls|null  $heard  what was heard of the same flight before
     */
    public static function listen(
        Recording $flight,
        Program $program,
        Transmitter $transmitter,
        Catalogue $catalogue,
        array $clips = [],
        float $wind = 0.0,
        ?HeardCalls $heard = null,
    ): ListenedFlight {
        $values = Values::of($program, $catalogue);
        $language = Languages::of($program);
        $deriver = self::deriver($program, $transmitter, $catalogue, $values);
        $resets = array_map(fn (FlightEvent $one): float => $one->at, $flight->events(EventKind::Reset));
        $samples = [];
        foreach ($flight->samples as $sample) {
            while ($resets !== [] && $sample->time >= $resets[0] - 1e-9) {
                array_shift($resets);
                $deriver->reset();
            }
            $samples[] = $deriver->next($sample);
        }
        $voice = (new Voice($program, $transmitter, $values, $language))->hear($samples, $heard);
        $said = (new Queue(new Airtime($language, $clips)))->speak($voice->offers);
        $report = Report::of($said, $flight->seconds());
        $model = FlightModel::of($program->family);
        $last = LastPosition::of($flight, $values, $wind, $model->hovers ? null : $model->sink);

        return new ListenedFlight(
            $samples,
            $voice,
            Variometer::of($program, $transmitter, $values)?->sounds($samples) ?? [],
            $said,
            $report,
            (new RehearsalVerdict($flight, $program, $values, $voice, $said, $report))->remarks($samples, $last),
            $last,
        );
    }

    /** What works the calculated values of a program out, from a reset on. */
    public static function deriver(
        Program $program,
        Transmitter $transmitter,
        Catalogue $catalogue,
        Values $values,
    ): Deriver {
        $cells = $catalogue->pack($program->aboard->kit->pack ?? '')->cells ?? 1;

        return new Deriver($program, $transmitter, $cells, $values->satellites());
    }
}
