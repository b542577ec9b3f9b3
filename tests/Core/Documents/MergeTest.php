<?php

namespace DuskSwitch\Tests\Core\Documents;

use DuskSwitch\Core\Document\Merge\Merge;
use DuskSwitch\Core\Document\Merge\Merged;
use DuskSwitch\Core\Document\Merge\MergedPart;
use DuskSwitch\Core\Document\Merge\Side;
use DuskSwitch\Core\Edits\EditWords;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Format\ProgramEncoder;
use DuskSwitch\Core\Format\Spelling;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\ProgramSummary;
use DuskSwitch\Core\Telemetry\CatalogueNames;
use DuskSwitch\Tests\Core\Everything;
use DuskSwitch\Tests\Core\Given;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use stdClass;

/** Two edits of one document come together, part by part. */
final class MergeTest extends TestCase
{
    /** @param  array<string, Side>  $choices */
    private static function merged(Program $base, Program $mine, Program $theirs, array $choices = []): Merged
    {
        return Merge::of($base, $mine, $theirs, Spelling::forms(), $choices);
    }

    /** @param  callable(stdClass): mixed  $change */
    private static function edited(callable $change, string $demo = 'petrel'): Program
    {
        $document = json_decode(Given::demo($demo));
        $change($document);

        return ProgramDecoder::read($document);
    }

    private static function text(Merged|Program $what): string
    {
        $program = $what instanceof Merged ? $what->document : $what;
        assert($program instanceof Program);

        return ProgramEncoder::encode($program);
    }

    /** @return array<string, string> whose each part is, by path */
    private static function taken(Merged $merged): array
    {
        $taken = [];
        foreach ($merged->parts as $part) {
            $taken[$part->path] = implode('+', array_column($part->changed, 'value')).
                ($part->joins ? ', joins' : '').
                ' → '.($part->taken->value ?? '?');
        }

        return $taken;
    }

    /**
     * Programs that have little in common: whole ones, and documents by chance as far as they can be read.
     *
     * @return list<Program>
     */
    private static function programs(int $most): array
    {
        $programs = [
            ProgramDecoder::decode(Everything::text()),
            ...array_map(ProgramDecoder::decode(...), array_map(Given::demo(...), array_keys(Given::demos()))),
        ];
        for ($seed = 1; count($programs) < $most; $seed++) {
            try {
                $programs[] = ProgramDecoder::read(FromSchema::document('program', $seed));
            } catch (Refused) {
                continue;
            }
        }

        return $programs;
    }

    public function test_whatever_two_edits_are_nothing_is_lost_and_nothing_made_up(): void
    {
        $programs = self::programs(60);
        foreach ($programs as $place => $base) {
            $mine = $programs[($place + 1) % count($programs)];
            $theirs = $programs[($place + 7) % count($programs)];
            $where = "{$place}";
            self::assertSame(self::text($mine), self::text(self::merged($base, $mine, $base)), "mine alone {$where}");
            self::assertSame(self::text($theirs), self::text(self::merged($base, $base, $theirs)), "theirs alone {$where}");
            self::assertSame(self::text($mine), self::text(self::merged($base, $mine, $mine)), "the same twice {$where}");
            $merged = self::merged($base, $mine, $theirs);
            $paths = array_map(fn (MergedPart $one): string => $one->path, $merged->parts);
            self::assertSame($paths, array_values(array_unique($paths)));
            foreach ([Side::Mine, Side::Theirs] as $side) {
                $all = self::merged($base, $mine, $theirs, array_fill_keys($paths, $side));
                self::assertEquals(
                    self::sorted($side === Side::Mine ? $mine : $theirs),
                    self::sorted($all->document),
                    "all of {$side->value} {$where}",
                );
            }
            $swapped = self::merged($base, $theirs, $mine);
            self::assertEqualsCanonicalizing(
                $paths,
                array_map(fn (MergedPart $one): string => $one->path, $swapped->parts),
                "either way round {$where}",
            );
        }
    }

    /** @return mixed the document, whose functions and outputs may stand in any order */
    private static function sorted(mixed $program): mixed
    {
        assert($program instanceof Program);
        $document = json_decode(self::text($program));
        usort($document->functions, fn (stdClass $a, stdClass $b): int => $a->id <=> $b->id);
        usort($document->outputs, fn (stdClass $a, stdClass $b): int => $a->channel <=> $b->channel);

        return $document;
    }

    public function test_what_either_changed_is_in_what_both_become(): void
    {
        $base = self::edited(fn () => null);
        $mine = self::edited(function (stdClass $d): void {
            $d->notes = 'mine';
            $d->functions[0]->shape->cruise->expo = 0.44;
            unset($d->aboard->kit->subtype);
        });
        $theirs = self::edited(function (stdClass $d): void {
            $d->outputs[1]->subtrim = 0.033;
            $d->functions[1]->name = 'Höhe';
            $d->functions[] = (object) ['id' => 'smoke', 'name' => 'Smoke'];
            $d->curves->late = (object) ['points' => [[-1, -1], [0.5, 0], [1, 1]]];
        });
        $merged = self::merged($base, $mine, $theirs);
        $paths = self::taken($merged);
        self::assertSame('mine → mine', $paths['notes'] ?? '');
        self::assertSame('mine → mine', $paths['functions/roll']);
        self::assertSame('theirs → theirs', $paths['outputs/2']);
        self::assertSame('theirs → theirs', $paths['functions/smoke']);
        self::assertSame('theirs → theirs', $paths['curves/late']);
        self::assertTrue($merged->isDecided());
        $both = json_decode(self::text($merged));
        self::assertSame(['mine', 0.44, 0.033, 'Höhe', 'smoke'], [
            $both->notes,
            $both->functions[0]->shape->cruise->expo,
            $both->outputs[1]->subtrim,
            $both->functions[1]->name,
            end($both->functions)->id,
        ]);
        self::assertSame([[-1.0, -1.0], [0.5, 0.0], [1.0, 1.0]], $both->curves->late->points);
    }

    /** The kit and the telemetry are always there: one may change one thing of them, and the other another. */
    public function test_what_is_always_there_is_chosen_field_by_field(): void
    {
        $merged = self::merged(
            self::edited(fn () => null),
            self::edited(fn (stdClass $d) => ($d->aboard->kit->memory = '7')),
            self::edited(function (stdClass $d): void {
                $d->aboard->kit->match = 4;
                $d->sense->interval = 0.7;
            }),
        );
        self::assertSame(
            [
                'aboard/kit/match' => 'theirs → theirs',
                'aboard/kit/memory' => 'mine → mine',
                'sense/interval' => 'theirs → theirs',
            ],
            self::sortedKeys(self::taken($merged)),
        );
        $document = json_decode(self::text($merged));
        self::assertSame(
            ['7', 4, 0.7],
            [$document->aboard->kit->memory, $document->aboard->kit->match, $document->sense->interval],
        );
    }

    /**
     * @param  array<string, string>  $taken
     * @return array<string, string>
     */
    private static function sortedKeys(array $taken): array
    {
        ksort($taken);

        return $taken;
    }

    public function test_what_is_not_in_a_document_differs_for_nobody(): void
    {
        $base = self::edited(fn () => null)->with(migrated: true);
        $merged = self::merged($base, self::edited(fn () => null), $base);
        self::assertSame([], $merged->parts);
    }

    public function test_what_both_changed_otherwise_is_chosen_and_joins_where_it_can(): void
    {
        $base = self::edited(fn () => null);
        $mine = self::edited(function (stdClass $d): void {
            $d->functions[0]->shape->cruise->expo = 0.44;
            $d->outputs[1]->subtrim = 0.02;
            array_pop($d->functions);
        });
        $last = count(json_decode(Given::demo('petrel'))->functions) - 1;
        $theirs = self::edited(function (stdClass $d) use ($last): void {
            $d->functions[0]->deadband = 0.03;
            $d->functions[0]->shape->cruise->rate = 0.9;
            $d->outputs[1]->subtrim = 0.05;
            $d->functions[$last]->name = 'Anders';
        });
        $id = $base->functions[$last]->id();
        self::assertSame(
            [
                'functions/roll' => 'mine+theirs, joins → ?',
                "functions/{$id}" => 'mine+theirs → ?',
                'outputs/2' => 'mine+theirs → ?',
            ],
            self::taken(self::merged($base, $mine, $theirs)),
        );
        self::assertFalse(self::merged($base, $mine, $theirs)->isDecided());
        $choices = ['functions/roll' => Side::Both, "functions/{$id}" => Side::Mine, 'outputs/2' => Side::Both];
        $merged = self::merged($base, $mine, $theirs, $choices);
        self::assertSame('mine+theirs → ?', self::taken($merged)['outputs/2'], 'one number can’t be both');
        $document = json_decode(self::text(self::merged($base, $mine, $theirs, ['outputs/2' => Side::Mine] + $choices)));
        $roll = $document->functions[0];
        self::assertSame([0.44, [0.9, 0.9]], [$roll->shape->cruise->expo, $roll->shape->cruise->rate]);
        self::assertSame(0.03, $roll->deadband);
        self::assertSame(0.02, $document->outputs[1]->subtrim);
        self::assertNotContains($id, array_column($document->functions, 'id'));
    }

    /** Feeds have no id, and a condition is one thought: the half of two edits of them is nobody's. */
    public function test_a_list_without_ids_and_a_condition_are_one_part(): void
    {
        $base = self::edited(fn () => null);
        $feed = fn (string $from): stdClass => (object) ['from' => $from, 'weight' => 0.1];
        $at = fn (string $control, string $detent): array => ['control' => $control, 'at' => $detent];
        $edited = fn (string $from, string $detent): Program => self::edited(
            function (stdClass $d) use ($feed, $at, $from, $detent): void {
                $d->outputs[0]->feeds[] = $feed($from);
                $all = [$at('face-left', 'away'), $at('face-right', $detent)];
                $d->phases[1]->when = json_decode((string) json_encode(['all' => $all]));
            },
        );
        [$mine, $theirs] = [$edited('yaw', 'away'), $edited('pitch', 'toward')];
        $merged = self::merged($base, $mine, $theirs);
        self::assertSame('mine+theirs → ?', self::taken($merged)['outputs/1']);
        self::assertSame('mine+theirs → ?', self::taken($merged)["phases/{$base->phases[1]->id}"]);
    }

    public function test_two_new_parts_with_one_id_conflict_unless_they_are_the_same(): void
    {
        $new = fn (float $y): callable => function (stdClass $d) use ($y): void {
            $d->curves->late = (object) ['points' => [[-1, -1], [0.5, $y], [1, 1]]];
        };
        [$base, $mine, $theirs] = [self::edited(fn () => null), self::edited($new(0.0)), self::edited($new(0.1))];
        self::assertSame(['curves/late' => 'mine+theirs → ?'], self::taken(self::merged($base, $mine, $theirs)));
        self::assertSame([], self::taken(self::merged($base, $mine, self::edited($new(0.0)))));
    }

    public function test_the_order_of_phases_is_chosen_and_that_of_functions_is_not(): void
    {
        $phase = fn (string $id, int $at): callable => function (stdClass $d) use ($id, $at): void {
            $when = (object) ['control' => 'dial-left', 'above' => 0.5];
            array_splice($d->phases, $at, 0, [(object) ['id' => $id, 'name' => $id, 'when' => $when]]);
            $d->functions[] = (object) ['id' => "f-{$id}", 'name' => $id];
        };
        [$base, $mine] = [self::edited(fn () => null), self::edited($phase('one', 1))];
        $ids = fn (Merged $merged): array => array_column(json_decode(self::text($merged))->phases, 'id');
        $old = array_column($base->phases, 'id');
        $place = count($old);

        $merged = self::merged($base, $mine, self::edited($phase('two', $place)));
        self::assertTrue($merged->isDecided(), 'each has its own place');
        self::assertSame([$old[0], 'one', ...array_slice($old, 1), 'two'], $ids($merged));

        $theirs = self::edited($phase('two', 1));
        $merged = self::merged($base, $mine, $theirs);
        self::assertSame(
            [
                'phases/one' => 'mine → mine',
                'phases/two' => 'theirs → theirs',
                'phases/#order' => 'mine+theirs → ?',
                'functions/f-one' => 'mine → mine',
                'functions/f-two' => 'theirs → theirs',
            ],
            self::taken($merged),
        );
        foreach ([[Side::Mine, ['two', 'one']], [Side::Theirs, ['one', 'two']]] as [$side, $both]) {
            $chosen = self::merged($base, $mine, $theirs, ['phases/#order' => $side]);
            self::assertSame([$old[0], ...$both, ...array_slice($old, 1)], $ids($chosen), $side->value);
        }

        $turned = self::edited(function (stdClass $d): void {
            [$d->phases[1], $d->phases[2]] = [$d->phases[2], $d->phases[1]];
        });
        $edited = self::edited(fn (stdClass $d) => ($d->phases[2]->fade = 2.5));
        $merged = self::merged($base, $edited, $turned);
        self::assertSame('theirs → theirs', self::taken($merged)['phases/#order']);
        self::assertSame([$old[0], $old[2], $old[1], ...array_slice($old, 3)], $ids($merged));
        self::assertSame(2.5, json_decode(self::text($merged))->phases[1]->fade);
    }

    /** @param  callable(stdClass): mixed  $change */
    #[DataProvider('edits')]
    public function test_a_part_is_told_by_name_and_what_changed(string $title, string $says, callable $change): void
    {
        $base = self::edited(fn () => null);
        $mine = self::edited($change);
        $words = new EditWords($base, $mine, $base, self::summary(...));
        [$part] = self::merged($base, $mine, $base)->parts;
        $told = $words->of($part);
        self::assertSame([$title, [$says], []], [$told->title, $told->mine, $told->theirs]);
        $words = new EditWords($base, $base, $mine, self::summary(...));
        $told = $words->of(self::merged($base, $base, $mine)->parts[0]);
        self::assertSame([$title, [], [$says]], [$told->title, $told->mine, $told->theirs]);
    }

    /** @return array<string, array{string, string, callable}> */
    public static function edits(): array
    {
        return [
            'an output' => [
                'Output 1 Left aileron',
                '1 Left aileron sub-trim: 0 % → 3.3 %',
                fn (stdClass $d) => ($d->outputs[0]->subtrim = 0.033),
            ],
            'a function' => [
                'Function Roll',
                'Roll expo, Cruise: 30 % → 44 %',
                fn (stdClass $d) => ($d->functions[0]->shape->cruise->expo = 0.44),
            ],
            'a function that is new' => [
                'Function Smoke',
                'Added function Smoke',
                fn (stdClass $d) => ($d->functions[] = (object) ['id' => 'smoke', 'name' => 'Smoke']),
            ],
            'a field of the program' => ['Stick mode', 'Stick mode: 2 → 1', fn (stdClass $d) => ($d->stickMode = 1)],
            'an order' => [
                'Order of phases',
                'Cruise, Launch, Landing, Thermal',
                fn (stdClass $d) => ([$d->phases[1], $d->phases[2]] = [$d->phases[2], $d->phases[1]]),
            ],
            'the kit' => [
                'Place in the transmitter',
                'Place in the transmitter: none → 7',
                fn (stdClass $d) => ($d->aboard->kit->memory = '7'),
            ],
        ];
    }

    /** @return array<string, \DuskSwitch\Core\Program\SummaryItem> */
    private static function summary(Program $program): array
    {
        return ProgramSummary::of(
            $program,
            Given::transmitter($program->transmitter),
            new CatalogueNames($program, Given::catalogue()),
        );
    }

    public function test_words_are_found_for_whatever_differs(): void
    {
        $programs = array_values(array_filter(
            self::programs(20),
            fn (Program $one): bool => in_array($one->transmitter, ['harbour-16', 'quayside-8', 'lamplight-12'], true),
        ));
        foreach (array_slice($programs, 0, 6) as $place => $base) {
            [$mine, $theirs] = [$programs[$place + 1], $programs[count($programs) - 1 - $place]];
            $words = new EditWords($base, $mine, $theirs, self::summary(...));
            foreach (self::merged($base, $mine, $theirs)->parts as $part) {
                $told = $words->of($part);
                self::assertNotSame('', $told->title);
                self::assertSame(in_array(Side::Mine, $part->changed, true), $told->mine !== [], $part->path);
                self::assertSame(in_array(Side::Theirs, $part->changed, true), $told->theirs !== [], $part->path);
                self::assertNotContains('Changed', [...$told->mine, ...$told->theirs], $part->path);
            }
        }
    }
}
