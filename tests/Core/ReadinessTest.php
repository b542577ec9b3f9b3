<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Bench\BenchSteps;
use DuskSwitch\Core\Format\Fingerprint;
use DuskSwitch\Core\Format\ProgramEncoder;
use DuskSwitch\Core\Kinds\Kinds;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Proof\Proof;
use DuskSwitch\Core\Readiness\DoneAct;
use DuskSwitch\Core\Readiness\EnteredLines;
use DuskSwitch\Core\Readiness\ItemState;
use DuskSwitch\Core\Readiness\JudgedItem;
use DuskSwitch\Core\Readiness\Readiness;
use DuskSwitch\Core\Readiness\ReadinessCheck;
use DuskSwitch\Core\Readiness\ReadinessContext;
use DuskSwitch\Core\Readiness\ReadinessItem;
use DuskSwitch\Core\Signal\Circuit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Yaml\Yaml;

/** The list "Before you fly": nothing is done that nobody did, and nobody is ready while something is left. */
final class ReadinessTest extends TestCase
{
    /** @param  (callable(\stdClass): mixed)|null  $change */
    /** @var array<string, Proof> */
    private static array $proofs = [];

    private static function circuit(string $demo, ?callable $change = null): Circuit
    {
        $document = json_decode(Given::demo($demo));
        $change === null ?: $change($document);

        return Given::circuit((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION));
    }

    private static function kit(Circuit $circuit): InstalledKit
    {
        return InstalledKit::of($circuit->program, $circuit->panel->transmitter, Given::catalogue());
    }

    /** @return array<string, DoneAct> everything that can be done with an aircraft, by "kind about" */
    private static function everything(Circuit $circuit): array
    {
        $kit = self::kit($circuit);
        $print = new Fingerprint($kit);
        $acts = ['bind binding' => new DoneAct('bind', 'binding', $print->binding(), '2026-05-01T10:00:00Z')];
        foreach (BenchSteps::needed($kit) as $step) {
            $acts["test {$step->id()}"] = new DoneAct('test', $step->id(), $print->step($step), '2026-05-02T10:00:00Z');
        }
        foreach (['first-power', 'first-flight'] as $list) {
            $acts["check {$list}"] = new DoneAct('check', $list, $print->whole(), '2026-05-03T10:00:00Z');
        }

        return $acts;
    }

    /** @param  array<string, DoneAct>|null  $acts  everything where none are given */
    private static function list(Circuit $circuit, ?array $acts = null, ?EnteredLines $entered = null): Readiness
    {
        return Readiness::of(
            new ReadinessContext(
                self::kit($circuit),
                Given::catalogue(),
                self::proof($circuit->program),
                $entered ?? new EnteredLines(40, 0, 40),
                array_values($acts ?? self::everything($circuit)),
            ),
        );
    }

    /** A program's proof, once: it's asked for with every list. */
    private static function proof(Program $program): Proof
    {
        return self::$proofs[ProgramEncoder::encode($program)] ??= Proof::of(Given::context($program));
    }

    private static function item(Readiness $list, ReadinessItem $item): JudgedItem
    {
        foreach ($list->items as $one) {
            if ($one->item === $item) {
                return $one;
            }
        }
        self::fail($item->value);
    }

    /** @return list<string> what is left, "item: state" */
    private static function left(Readiness $list): array
    {
        return array_map(fn (JudgedItem $one): string => "{$one->item->value}: {$one->state->value}", $list->open());
    }

    public function test_every_item_has_its_check_and_is_in_the_contract(): void
    {
        $checks = Kinds::in(__DIR__.'/../../core/Readiness/Check', 'DuskSwitch\Core\Readiness\Check', ReadinessCheck::class);
        $items = array_map(fn (ReadinessCheck $one): string => $one->item()->value, $checks);
        $all = array_column(ReadinessItem::cases(), 'value');
        self::assertEqualsCanonicalizing($all, $items);
        $contract = Yaml::parseFile(__DIR__.'/../../schema/openapi.yaml');
        self::assertSame($all, $contract['components']['schemas']['ReadinessItem']['enum'] ?? null);
        self::assertSame(
            array_column(ItemState::cases(), 'value'),
            $contract['components']['schemas']['Readiness']['properties']['items']['items']['properties']['state']['enum'],
        );
        $list = self::list(self::circuit('petrel'));
        self::assertSame($all, array_map(fn (JudgedItem $one): string => $one->item->value, $list->items), 'in this order');
        foreach (ReadinessItem::cases() as $item) {
            self::assertGreaterThan(40, strlen($item->why()), $item->value);
            self::assertMatchesRegularExpression('#^[a-z]+/[a-z-]+$#', $item->place());
        }
    }

    public function test_with_everything_done_it_is_ready_and_says_what_was_accepted(): void
    {
        $list = self::list(self::circuit('petrel'));

        self::assertSame([], self::left($list));
        self::assertTrue($list->isReady());
        self::assertNull($list->next());
        self::assertSame([], $list->reservations());
        self::assertSame('2026-05-01T10:00:00Z', self::item($list, ReadinessItem::Bound)->at);
        self::assertSame('2026-05-02T10:00:00Z', self::item($list, ReadinessItem::Bench)->at);
        self::assertSame('2026-05-03T10:00:00Z', self::item($list, ReadinessItem::Checklists)->at);
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function acts(): iterable
    {
        foreach (['petrel', 'rook', 'dunlin'] as $demo) {
            foreach (self::everything(self::circuit($demo)) as $name => $act) {
                $item = match (true) {
                    $act->kind === 'bind' => 'bound',
                    $act->kind === 'check' => 'checklists',
                    default => $act->about === 'failsafe' ? 'failsafe' : 'bench',
                };
                yield "{$demo} without {$name}" => [$demo, $name, $item];
            }
        }
    }

    #[DataProvider('acts')]
    public function test_without_any_one_of_them_it_is_not(string $demo, string $act, string $item): void
    {
        $circuit = self::circuit($demo);
        $acts = self::everything($circuit);
        self::assertTrue(self::list($circuit)->isReady(), 'with all of them it is');

        $without = self::list($circuit, array_diff_key($acts, [$act => 0]));
        self::assertSame(["{$item}: open"], self::left($without));
        self::assertFalse($without->isReady());
        self::assertSame($item, $without->next()?->item->value);

        $old = new DoneAct($acts[$act]->kind, $acts[$act]->about, 'something else', '2026-04-01T10:00:00Z');
        $stale = self::left(self::list($circuit, [...$acts, $act => $old]));
        self::assertSame($acts[$act]->kind === 'check' ? [] : ["{$item}: changed"], $stale);
    }

    public function test_nothing_is_done_that_nobody_did(): void
    {
        foreach (array_keys(Given::demos()) as $demo) {
            $left = self::left(self::list(self::circuit($demo), [], new EnteredLines(0, 0, 40)));
            foreach (['entered', 'bound', 'bench', 'failsafe', 'checklists'] as $item) {
                self::assertContains("{$item}: open", $left, $demo);
            }
        }
    }

    public function test_what_was_tested_is_left_again_when_it_changes(): void
    {
        $acts = self::everything(self::circuit('petrel'));
        $after = fn (callable $change): array => self::left(self::list(self::circuit('petrel', $change), $acts));

        self::assertSame([], $after(fn ($d) => ($d->name = 'Another name')));
        self::assertContains('bench: changed', $after(fn ($d) => ($d->outputs[0]->reverse = true)));
        self::assertContains(
            'failsafe: changed',
            $after(fn ($d) => ($d->aboard->failsafe[0]->does = 1777)),
        );
        $receiver = $after(fn ($d) => ($d->receiver = 'lantern-r8'));
        self::assertContains('bound: changed', $receiver);
        self::assertContains('failsafe: changed', $receiver);
        self::assertContains('proof: open', $after(fn ($d) => ($d->aboard->failsafe = [])));
        self::assertContains('program: open', $after(function ($d) {
            unset($d->functions[6]->drive);
        }));
        self::assertContains('equipment: open', $after(function ($d) {
            unset($d->receiver);
        }));
        self::assertContains('telemetry: open', $after(fn ($d) => ($d->sense->values[] = (object) [
            'id' => 'lost',
            'name' => 'Lost',
            'does' => 'most',
            'of' => ['nothing-sends-it'],
        ])));
    }

    public function test_lines_of_the_sheet_are_counted(): void
    {
        $circuit = self::circuit('petrel');
        $says = fn (EnteredLines $lines): string => self::item(
            self::list($circuit, entered: $lines),
            ReadinessItem::Entered,
        )->says;
        self::assertSame('0 of 40 lines of the sheet are ticked.', $says(new EnteredLines(0, 0, 40)));
        self::assertSame('39 of 40 lines of the sheet are ticked.', $says(new EnteredLines(39, 0, 40)));
        self::assertSame('All 40 lines of the sheet are ticked.', $says(new EnteredLines(40, 0, 40)));
        self::assertSame(
            'One line of the sheet has changed since it was entered.',
            $says(new EnteredLines(39, 1, 40)),
        );
        self::assertSame(
            '3 lines of the sheet have changed since they were entered.',
            $says(new EnteredLines(37, 3, 40)),
        );
    }

    public function test_an_item_is_set_aside_with_a_reason_as_long_as_the_equipment_stays(): void
    {
        $circuit = self::circuit('petrel');
        $aside = fn (string $item, ?string $why): DoneAct => new DoneAct(
            'aside',
            $item,
            (new Fingerprint(self::kit($circuit)))->equipment(),
            '2026-05-04T10:00:00Z',
            $why,
        );
        $acts = self::everything($circuit);
        unset($acts['bind binding']);
        $list = self::list($circuit, [...$acts, $aside('bound', 'The receiver is built in')]);
        self::assertSame(ItemState::SetAside, self::item($list, ReadinessItem::Bound)->state);
        self::assertTrue($list->isReady());
        self::assertSame([['Receiver bound: Lantern R12 was never bound here.', 'The receiver is built in']], $list->reservations());

        self::assertFalse(self::list($circuit, [...$acts, $aside('bound', null)])->isReady(), 'taken back');
        $other = self::circuit('petrel', fn ($d) => ($d->receiver = 'lantern-r8'));
        self::assertContains(
            'bound: open',
            self::left(self::list($other, [...$acts, $aside('bound', 'The receiver is built in')])),
            'another receiver is another thing',
        );
        $wrong = self::circuit('petrel', fn ($d) => ($d->aboard->failsafe = []));
        $list = self::list($wrong, [...self::everything($wrong), $aside('proof', 'I know better')]);
        self::assertSame(['proof: open'], self::left($list), 'the proof is never set aside as a whole');
        self::assertFalse($list->isReady());
    }

    public function test_a_list_waits_for_what_comes_before_it(): void
    {
        $circuit = self::circuit('petrel');
        $before = fn (array $acts, string $list): array => array_map(
            fn (JudgedItem $one): string => $one->item->value,
            self::list($circuit, $acts)->openBefore($list),
        );
        $acts = self::everything($circuit);
        unset($acts['check first-power'], $acts['check first-flight'], $acts['test failsafe']);
        self::assertSame([], $before($acts, 'first-power'), 'power-up belongs to the bench');
        self::assertSame(['failsafe'], $before($acts, 'first-flight'));
        self::assertSame(['failsafe', 'checklists'], $before($acts, 'each-flight'));
        self::assertSame([], $before(self::everything($circuit), 'each-flight'));
    }

    public function test_what_an_aircraft_does_not_have_is_not_asked_for(): void
    {
        $bare = self::circuit('petrel', function ($d) {
            unset($d->sense);
        });
        self::assertSame(ItemState::NotNeeded, self::item(self::list($bare), ReadinessItem::Telemetry)->state);
        $warning = self::item(self::list($bare), ReadinessItem::PackWarning);
        self::assertSame(ItemState::Open, $warning->state);
        self::assertStringStartsWith('No alarm looks at', $warning->says);
        self::assertSame('Cell low, Capacity.', self::item(self::list(self::circuit('petrel')), ReadinessItem::PackWarning)->says);
        $glider = self::circuit('petrel', function ($d) {
            foreach ($d->outputs as $output) {
                $output->role === 'motor' && ($output->role = 'other');
            }
        });
        self::assertSame(ItemState::NotNeeded, self::item(self::list($glider), ReadinessItem::PackWarning)->state);
    }

    public function test_accepted_findings_are_told_with_their_reason(): void
    {
        $wrong = self::circuit('petrel', fn ($d) => ($d->aboard->failsafe = []));
        $proof = Proof::of(Given::context($wrong->program));
        $accepted = self::circuit('petrel', function ($d) use ($proof) {
            $d->aboard->failsafe = [];
            foreach ($proof->findings as $finding) {
                $d->aboard->accepted[] = (object) ['finding' => $finding->key(), 'reason' => 'Indoors, tethered'];
            }
        });
        $list = self::list($accepted);
        self::assertSame(ItemState::Done, self::item($list, ReadinessItem::Proof)->state);
        self::assertContains('Indoors, tethered', array_column($list->reservations(), 1));
        self::assertStringContainsString('accepted', self::item($list, ReadinessItem::Proof)->says);
    }

    /** @return iterable<string, array{string, string, int}> aircraft, what is wrong with it, how many acts were done */
    public static function evenings(): iterable
    {
        foreach (['petrel', 'nightjar', 'rook', 'midge'] as $demo) {
            yield "{$demo}, nothing done" => [$demo, '', 0];
            yield "{$demo}, half done" => [$demo, '', 4];
            yield "{$demo}, everything done" => [$demo, '', 99];
        }
        yield 'petrel, no receiver and no pack' => ['petrel', 'kit', 99];
        yield 'petrel, one error accepted' => ['petrel', 'one', 99];
        yield 'petrel, all errors accepted' => ['petrel', 'all', 99];
        yield 'petrel, failsafe missing' => ['petrel', 'failsafe', 99];
        yield 'petrel, tested before it changed' => ['petrel', 'changed', 99];
    }

    #[DataProvider('evenings')]
    public function test_what_the_list_says(string $demo, string $wrong, int $done): void
    {
        $spoilt = self::circuit($demo, function ($d) use ($wrong) {
            $wrong === 'kit' && ($d->receiver = 'gone') && ($d->aboard->kit->pack = 'gone');
            in_array($wrong, ['one', 'all', 'failsafe'], true) && ($d->aboard->failsafe = []);
            $wrong === 'changed' && ($d->outputs[0]->reverse = true);
        });
        $circuit = $spoilt;
        if (in_array($wrong, ['one', 'all'], true)) {
            $keys = array_map(
                fn (object $one): string => $one->key(),
                Proof::of(Given::context($spoilt->program))->findings,
            );
            $accepted = array_map(
                fn (string $key): object => (object) ['finding' => $key, 'reason' => 'Tethered'],
                $wrong === 'one' ? array_slice($keys, 0, 1) : $keys,
            );
            $circuit = self::circuit($demo, function ($d) use ($accepted) {
                $d->aboard->failsafe = [];
                $d->aboard->accepted = $accepted;
            });
        }
        $acts = array_slice(self::everything($wrong === 'changed' ? self::circuit($demo) : $circuit), 0, $done, true);
        $list = self::list($circuit, $acts, new EnteredLines(min(40, $done * 7), 0, 40));
        $text = 'ready: '.json_encode($list->isReady()).', next: '.($list->next()->item->value ?? 'nothing')."\n";
        foreach ($list->items as $one) {
            $text .= "{$one->item->value}: {$one->state->value}: {$one->says}".rtrim(" {$one->at}")."\n";
        }
        foreach ($list->reservations() as [$what, $reason]) {
            $text .= "reservation: {$what} ({$reason})\n";
        }
        $heading = "{$demo} {$wrong} {$done}";
        self::assertSame(KeptPages::page('readiness', $heading, $text), $text);
    }
}
