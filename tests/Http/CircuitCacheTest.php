<?php

namespace DuskSwitch\Tests\Http;

use DuskSwitch\App\Equipment\DefinitionKind;
use DuskSwitch\App\Equipment\Equipment;
use DuskSwitch\App\Program\Bench;
use DuskSwitch\App\Program\CircuitCache;
use DuskSwitch\Core\Format\Json;
use DuskSwitch\Core\Signal\Circuit;
use DuskSwitch\Tests\Core\Given;
use Illuminate\Support\Facades\File;
use PHPUnit\Framework\Attributes\DataProviderExternal;

/** A circuit that was kept answers as one that was just made; what it was made of decides which is kept. */
final class CircuitCacheTest extends HttpTestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/dusk-circuits-'.bin2hex(random_bytes(6));
    }

    protected function tearDown(): void
    {
        File::deleteDirectory($this->folder);
        parent::tearDown();
    }

    private function bench(?string $folder): Bench
    {
        $stores = $this->app?->make(Equipment::class) ?? self::fail();

        return new Bench($stores, $stores, $stores, new CircuitCache($folder));
    }

    /** @return list<string> */
    private function files(): array
    {
        return glob("{$this->folder}/*") ?: [];
    }

    #[DataProviderExternal(Given::class, 'demos')]
    public function test_what_was_kept_answers_like_what_was_just_made(string $demo): void
    {
        $document = Json::decode(Given::demo($demo));
        $made = $this->bench(null)->read($document);
        $this->bench($this->folder)->read($document);
        $kept = $this->bench($this->folder)->read($document);
        self::assertCount(1, $this->files());
        self::assertEquals($made->program, $kept->program);
        $hand = $made->panel->atRest();
        $states = [null, null];
        for ($tick = 0; $tick < 40; $tick++) {
            foreach (range(0, 3) as $axis) {
                $hand[$axis] = sin($tick / 7 + $axis);
            }
            $ticks = array_map(
                fn (Circuit $one, int $at) => $one->tick($hand, $states[$at], ['height' => 40.0]),
                [$made, $kept],
                [0, 1],
            );
            $states = [$ticks[0]->state, $ticks[1]->state];
            self::assertSame(
                json_encode($ticks[0]->frame->slots),
                json_encode($ticks[1]->frame->slots),
                "tick {$tick}",
            );
            self::assertSame(json_encode($made->frame($hand)->slots), json_encode($kept->frame($hand)->slots));
            self::assertEquals(
                $made->explain(1, $ticks[0]->frame, $states[0]),
                $kept->explain(1, $ticks[1]->frame, $states[1]),
            );
        }
        $function = $made->program->functions[0]->id();
        self::assertSame($made->line($function), $kept->line($function));
    }

    public function test_it_is_made_once_for_the_same_and_again_for_anything_else(): void
    {
        $made = 0;
        $make = function () use (&$made): Circuit {
            $made++;

            return Given::circuit(Given::demo('tern'));
        };
        $cache = new CircuitCache($this->folder);
        $cache->circuit('a', ['transmitter'], $make);
        $cache->circuit('a', ['transmitter'], $make);
        self::assertSame(1, $made);
        $cache->circuit('a', ['transmitter with a dial more'], $make);
        $cache->circuit('b', ['transmitter'], $make);
        self::assertSame(3, $made);
        $cache->clear();
        self::assertSame([], $this->files());
        $cache->circuit('a', ['transmitter'], $make);
        self::assertSame(4, $made);
    }

    public function test_a_transmitter_of_ones_own_that_changed_is_seen_at_once(): void
    {
        $own = json_decode((string) file_get_contents(Given::DEMO.'/stores/transmitters/harbour-16.json'));
        $document = json_decode(Given::demo('nightjar'));
        $stores = $this->app?->make(Equipment::class) ?? self::fail();
        $pulse = function (int $span) use ($own, $document, $stores): ?int {
            $own->pulse->span = $span;
            $stores->borrow(DefinitionKind::Transmitters, 'harbour-16', (string) json_encode($own));
            $circuit = $this->bench($this->folder)->read(Json::decode((string) json_encode($document)));
            $hand = $circuit->panel->atRest();
            $hand[0] = 1.0;

            return $circuit->frame($hand)->pulse(1);
        };
        $wide = $pulse(512);
        self::assertNotSame($wide, $pulse(400));
        self::assertSame($wide, $pulse(512));
        self::assertCount(2, $this->files());
    }

    public function test_a_file_that_can_not_be_read_is_made_anew(): void
    {
        $document = Json::decode(Given::demo('tern'));
        $rest = $this->bench($this->folder)->read($document)->panel->atRest();
        $good = (string) file_get_contents($this->files()[0]);
        foreach (
            [
                '',
                '<?php return 5;',
                '<?php return [',
                "<?php return ['x', fn () => 1, fn () => 2];",
                substr($good, 0, (int) (strlen($good) / 2)),
            ] as $broken
        ) {
            file_put_contents($this->files()[0], $broken);
            self::assertSame(1000, $this->bench($this->folder)->read($document)->frame($rest)->pulse(3), $broken);
        }
        self::assertSame($good, file_get_contents($this->files()[0]), 'and put right');
    }

    public function test_few_are_kept_and_none_where_nothing_may_be_written(): void
    {
        $cache = new CircuitCache($this->folder);
        for ($i = 0; $i < 70; $i++) {
            $cache->circuit($i, [], fn (): Circuit => Given::circuit(Given::demo('tern')));
        }
        self::assertCount(64, $this->files());
        $nowhere = new CircuitCache('/proc/nowhere');
        self::assertSame(
            'Tern',
            $nowhere->circuit('x', [], fn (): Circuit => Given::circuit(Given::demo('tern')))->program->name,
        );
    }
}
