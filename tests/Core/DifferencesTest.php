<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Program\Differences;
use DuskSwitch\Core\Program\Facts;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/** What changed, in the trade's words. */
final class DifferencesTest extends TestCase
{
    /** @return list<string> */
    private function between(string $old, string $new): array
    {
        $facts = function (string $text): array {
            $program = ProgramDecoder::decode($text);

            return Facts::of($program, Given::transmitter($program->transmitter));
        };

        return Differences::between($facts($old), $facts($new));
    }

    /** @param  callable(\stdClass): mixed  $change */
    #[DataProvider('changes')]
    public function test_a_change_is_said(string $demo, callable $change, string ...$sentences): void
    {
        $document = json_decode(Given::demo($demo));
        $change($document);
        $new = (string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION);

        self::assertSame($sentences, $this->between(Given::demo($demo), $new));
        self::assertCount(count($sentences), $this->between($new, Given::demo($demo)));
    }

    /** @return array<string, list<mixed>> */
    public static function changes(): array
    {
        return [
            'expo in a phase' => ['petrel', fn ($d) => $d->functions[0]->shape->cruise->expo = 0.45, 'Roll expo, Cruise: 30 % → 45 %'],
            'a rate of two sides' => ['petrel', fn ($d) => $d->functions[0]->shape->launch->rate = [0.8, 0.9], 'Roll rate, Launch: 80 % → 80 % low, 90 % high'],
            'another switch' => ['nightjar', fn ($d) => $d->functions[4]->drive->control = 'flick-d', 'Arm driven by: Flick A → Flick D'],
            'a detent' => ['nightjar', fn ($d) => $d->functions[5]->drive->map->middle = 'self-level', 'Flight mode at middle: Come home → Self-level'],
            'a step' => ['nightjar', fn ($d) => $d->functions[5]->steps[1]->value = 0.0, 'Flight mode step Come home: −40 % → 0 %'],
            'an output' => ['tern', function ($d): void {
                $d->outputs[0]->reverse = true;
                $d->outputs[0]->subtrim = -0.015;
                $d->outputs[3]->feeds[1]->weight = 0.35;
            }, '1 Ailerons direction: normal → reversed', '1 Ailerons sub-trim: 0 % → −1.5 %', '4 Rudder feed 2: Roll 20 % → Roll 35 %'],
            'a feed more' => ['tern', fn ($d) => $d->outputs[2]->feeds[] = (object) ['from' => 'yaw', 'weight' => 0.1, 'offset' => 0.05], '3 Motor feed 2: none → Yaw 10 %, offset 5 %'],
            'a name and a fade' => ['rook', function ($d): void {
                $d->phases[2]->name = 'Fast';
                $d->phases[2]->fade = 3.0;
            }, 'Phase renamed: Sporty → Fast', 'Fast fade: 2 s → 3 s'],
            'a step renamed' => ['tern', fn ($d) => $d->functions[5]->steps[1]->name = 'Take-off', 'Flaps at middle: Half → Take-off', 'Flaps step 2: Half → Take-off'],
            'something more and something less' => ['midge', function ($d): void {
                $d->functions[] = (object) ['id' => 'light', 'name' => 'Light'];
                array_pop($d->outputs);
            }, 'Added function Light', 'Removed output 7 Beeper'],
            'the whole aircraft' => ['dunlin', function ($d): void {
                $d->name = 'Dunlin II';
                $d->stickMode = 1;
            }, 'Name: Dunlin → Dunlin II', 'Stick mode: 2 → 1'],
        ];
    }

    #[DataProviderExternal(Given::class, 'demos')]
    public function test_the_same_program_has_no_differences(string $name): void
    {
        self::assertSame([], $this->between(Given::demo($name), Given::demo($name)));
    }
}
