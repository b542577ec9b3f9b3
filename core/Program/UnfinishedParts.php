<?php

namespace DuskSwitch\Core\Program;

/** What a pilot has begun and not connected yet. */
final class UnfinishedParts
{
    /**
     * A sentence for each gap; none where every function is driven and every output fed.
     *
     * @return array<string, string> by what it's about: `function:arm`, `output:5`, `program`
     */
    public static function of(Program $program): array
    {
        $gaps = [];
        foreach ($program->functions as $function) {
            // A function with one step is a fixed value and needs no control.
            $fixed = $function instanceof SteppedFunction && count($function->steps) === 1;
            $driven =
                ($function instanceof SteppedFunction || $function instanceof ProportionalFunction) &&
                $function->drive !== null;
            if (! $fixed && ! $driven) {
                $gaps["function:{$function->id()}"] = "Nothing moves {$function->name()}";
            }
        }
        foreach ($program->outputs as $output) {
            if ($output->feeds === []) {
                $gaps["output:{$output->channel}"] = "Nothing feeds output {$output->channel}, {$output->name}";
            }
        }

        return $program->functions === [] ? ['program' => 'There is no function yet'] : $gaps;
    }
}
