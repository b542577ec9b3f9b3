<?php

namespace DuskSwitch\Tests\Browser;

use DuskSwitch\Tests\Core\Given;
use stdClass;

/** Aircraft whose pilot writes everything out: names of sixty letters, many outputs and functions. */
final class LongNames
{
    private const LENGTH = 60;

    /** A name as long as one may be, with one long word, as German has them. */
    public static function of(string $name): string
    {
        return mb_substr("{$name} Höhenruderdifferenzierungsnachlaufwert für die Landung im Wind", 0, self::LENGTH);
    }

    /** A demo aircraft with long names everywhere. */
    public static function aircraft(string $demo): string
    {
        $document = json_decode(Given::demo($demo));
        $document->name = self::of($document->name);
        foreach (['phases', 'functions', 'outputs'] as $list) {
            foreach ($document->{$list} as $one) {
                $one->name = self::of($one->name);
                foreach ($one->steps ?? [] as $step) {
                    $step->name = self::of(ucfirst($step->id));
                }
            }
        }
        foreach ($document->sense->values ?? [] as $one) {
            $one->name = mb_substr(self::of($one->name), 0, 30);
        }
        foreach ($document->sense->calls ?? [] as $one) {
            $one->name = self::of($one->name);
        }

        return (string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE);
    }

    /** A demo aircraft with 16 outputs and 24 functions, all with long names. */
    public static function full(string $demo): string
    {
        $document = json_decode(self::aircraft($demo));
        $channels = array_column($document->outputs, 'channel');
        foreach (array_diff(range(1, 16), $channels) as $channel) {
            $document->outputs[] = (object) [
                'channel' => $channel,
                'name' => self::of("Zusatz {$channel}"),
                'role' => 'other',
                'feeds' => [(object) ['from' => "more-{$channel}", 'weight' => 1.0]],
            ];
            $document->functions[] = self::more("more-{$channel}");
        }
        for ($number = 1; count($document->functions) < 24; $number++) {
            $document->functions[] = self::more("spare-{$number}");
        }

        return (string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE);
    }

    private static function more(string $id): stdClass
    {
        return (object) [
            'id' => $id,
            'name' => self::of($id),
            'purpose' => 'other',
            'drive' => (object) ['control' => 'dial-right'],
        ];
    }
}
