<?php

namespace DuskSwitch\Tests\Served;

use Closure;
use DuskSwitch\Tests\Browser\App;
use DuskSwitch\Tests\Long;
use PHPUnit\Framework\Attributes\DataProvider;
use stdClass;
use Symfony\Component\Process\Process;

/**
 * A backup is somebody else's until it was read. It is refused whole, with the file in it, what is wrong and nothing of
 * PHP, SQL or this machine; or it is taken, and then the app works as before.
 */
final class ForeignBackupTest extends DataTestCase
{
    private static string $good = '';

    private static App $app;

    public static function setUpBeforeClass(): void
    {
        self::$app = new App(['DUSK_DEMO_LOGBOOK' => 'true']);
        self::$app->start();
        self::seasoned(self::$app);
        self::$good = self::$app->folder().'/good.zip';
        self::command(self::$app->folder().'/dusk.sqlite', 'data:backup', self::$good);
    }

    public static function tearDownAfterClass(): void
    {
        self::$app->stop();
    }

    /** Things of every kind, as a pilot makes them. */
    private static function seasoned(App $app): void
    {
        $post = function (string $path, array $body, string $method = 'POST') use ($app): void {
            $request = curl_init($app->url($path));
            curl_setopt_array($request, [
                CURLOPT_RETURNTRANSFER => true,
                CURLOPT_CUSTOMREQUEST => $method,
                CURLOPT_POSTFIELDS => json_encode($body),
            ]);
            $answer = (string) curl_exec($request);
            self::assertLessThan(300, curl_getinfo($request, CURLINFO_HTTP_CODE), $answer);
        };
        $post('/api/aircraft/4/settings', ['text' => "set a = 1\nset b = 2", 'note' => 'as it came']);
        $post(
            '/api/aircraft/4/balance',
            ['mark' => 80, 'items' => [['name' => 'Pack', 'mass' => 300, 'arm' => 40]]],
            'PUT',
        );
        $post('/api/video-plan', [
            'allowed' => 25,
            'pilots' => [['name' => 'A', 'channels' => [['name' => 'one', 'megahertz' => 5700]], 'powers' => [25]]],
        ]);
        $pack = json_decode(
            (string) file_get_contents((glob(dirname(__DIR__, 2).'/database/demo/stores/packs/*.json') ?: [''])[0]),
        );
        $pack->id = 'winter-pack';
        $post('/api/stores/packs', (array) $pack);
        $post('/api/logbook/1', ['note' => 'A note', 'marks' => [['at' => 3, 'says' => 'gust']]], 'PATCH');
    }

    /** @return array<string, array{string, Closure(ForeignBackup): void}> */
    public static function spoiled(): array
    {
        $evil = '../../../../escaped';
        $line = fn (string $name, string $key, mixed $value): Closure => fn (ForeignBackup $one) => $one->changeLine(
            $name,
            0,
            fn (stdClass $row) => ($row->{$key} = $value),
        );

        return [
            'a recording\'s sum that leads out of the folder' => [
                'recordings.jsonl, line 1: sha256',
                $line('logbook/recordings.jsonl', 'sha256', $evil),
            ],
            'a file that leads out of the folder' => [
                'escaped',
                fn (ForeignBackup $one) => ($one->files["recordings/{$evil}"] = 'out'),
            ],
            'an aircraft\'s folder that leads out' => [
                'escaped',
                fn (ForeignBackup $one) => ($one->files["aircraft/{$evil}/aircraft.json"] = '{}'),
            ],
            'a recording that isn\'t what its name says' => [
                'recordings/',
                function (ForeignBackup $one): void {
                    foreach (array_keys($one->files) as $name) {
                        str_starts_with($name, 'recordings/') && ($one->files[$name] = 'another');
                    }
                },
            ],
            'a head that isn\'t there' => [
                'aircraft.json: head',
                fn (ForeignBackup $one) => $one->change(
                    $one->named('/aircraft.json'),
                    fn (stdClass $is) => ($is->head = 77),
                ),
            ],
            'a parent that isn\'t there' => [
                'revisions.jsonl, line 1: parent',
                fn (ForeignBackup $one) => $one->changeLine(
                    $one->named('/revisions.jsonl'),
                    0,
                    fn (stdClass $is) => ($is->parent = 9),
                ),
            ],
            'a program that is none' => [
                'revisions/1.json',
                fn (ForeignBackup $one) => ($one->files[$one->named('/revisions/1.json')] =
                    '{"format": "dusk-switch/program"}'),
            ],
            'a definition of another id' => [
                'definition.json',
                fn (ForeignBackup $one) => $one->change(
                    $one->named('/definition.json'),
                    fn (stdClass $is) => ($is->id = 'other'),
                ),
            ],
            'facts that are no JSON' => [
                'flights.jsonl, line 1: facts',
                $line('logbook/flights.jsonl', 'facts', '{"highest": '),
            ],
            'facts that are words' => [
                'flights.jsonl, line 1: facts',
                $line('logbook/flights.jsonl', 'facts', '{"highest": "high"}'),
            ],
            'marks that are none' => [
                'flights.jsonl, line 1: marks',
                $line('logbook/flights.jsonl', 'marks', '{"at": 3}'),
            ],
            'a day that no calendar has' => [
                'flights.jsonl, line 1: flown_at',
                $line('logbook/flights.jsonl', 'flown_at', '2026-02-31 10:00:00'),
            ],
            'a flight with a pack that isn\'t there' => [
                'flights.jsonl, line 1: pack_id',
                $line('logbook/flights.jsonl', 'pack_id', '00000000-0000-4000-8000-000000000000'),
            ],
            'a flight with an aircraft that isn\'t there' => [
                'flights.jsonl, line 1: aircraft_id',
                $line('logbook/flights.jsonl', 'aircraft_id', '00000000-0000-4000-8000-000000000000'),
            ],
            'a flight with a recording that isn\'t there' => [
                'flights.jsonl, line 1: recording_id',
                $line('logbook/flights.jsonl', 'recording_id', str_repeat('0', 64)),
            ],
            'how a recording was read, spoiled' => [
                'recordings.jsonl, line 1: report',
                $line('logbook/recordings.jsonl', 'report', '{"rows": 3}'),
            ],
            'a number as a word' => ['packs.jsonl, line 1: cells', $line('logbook/packs.jsonl', 'cells', 'three')],
            'a paper of no kind' => ['papers.jsonl, line 1: kind', $line('logbook/papers.jsonl', 'kind', 'secret')],
            'an act of no kind' => [
                'acts.jsonl, line 1: kind',
                fn (ForeignBackup $one) => $one->changeLine(
                    self::acts($one),
                    0,
                    fn (stdClass $is) => ($is->kind = 'secret'),
                ),
            ],
            'an act of a revision that isn\'t there' => [
                'acts.jsonl, line 1: revision',
                fn (ForeignBackup $one) => $one->changeLine(
                    self::acts($one),
                    0,
                    fn (stdClass $is) => ($is->revision = 50),
                ),
            ],
            'units that are none' => [
                'pilot.json: units',
                fn (ForeignBackup $one) => ($one->files['pilot.json'] = '{"units": "cubits"}'),
            ],
            'a line that is no JSON' => [
                'packs.jsonl, line 2',
                fn (ForeignBackup $one) => ($one->files['logbook/packs.jsonl'] =
                    strtok($one->files['logbook/packs.jsonl'], "\n")."\n{\n"),
            ],
            'two flights of one name' => [
                'flights.jsonl, line 2: uuid',
                fn (ForeignBackup $one) => ($one->files['logbook/flights.jsonl'] = str_repeat(
                    strtok($one->files['logbook/flights.jsonl'], "\n")."\n",
                    2,
                )),
            ],
            'a file that nothing needs' => [
                'recordings/',
                fn (ForeignBackup $one) => ($one->files['recordings/'.hash('sha256', 'x')] = 'x'),
            ],
            'a file that is made to burst' => [
                'times its size',
                fn (ForeignBackup $one) => ($one->files[
                    'recordings/'.hash('sha256', str_repeat("0\n", 60_000_000))
                ] = str_repeat("0\n", 60_000_000)),
            ],
        ];
    }

    private static function acts(ForeignBackup $one): string
    {
        foreach ($one->files as $name => $text) {
            if (str_ends_with($name, '/acts.jsonl') && $text !== '') {
                return $name;
            }
        }
        throw new \LogicException('nothing was done');
    }

    /** @param  Closure(ForeignBackup): void  $spoil */
    #[DataProvider('spoiled')]
    public function test_it_is_refused_with_the_place_and_nothing_changes(string $place, Closure $spoil): void
    {
        $one = ForeignBackup::of(self::$good);
        $spoil($one);
        $one->write("{$this->folder}/bad.zip");
        $before = $this->files();
        $began = microtime(true);
        $done = $this->artisan($this->database(), 'data:restore', "{$this->folder}/bad.zip", '--replace');
        self::assertSame(2, $done->getExitCode(), $done->getErrorOutput());
        self::assertStringContainsString($place, $done->getErrorOutput());
        self::assertPlain($done->getErrorOutput());
        self::assertSame(
            [],
            array_diff($this->files(), [
                ...$before,
                'dusk.sqlite',
                'restore.lock',
                'dusk.sqlite-wal',
                'dusk.sqlite-shm',
            ]),
        );
        self::assertSame(0, self::rows($this->database(), 'aircraft'));
        self::assertFileDoesNotExist('/escaped');
        self::assertLessThan(20, microtime(true) - $began, 'it isn\'t unpacked first');
    }

    public function test_a_database_that_is_newer_is_left_alone(): void
    {
        $this->artisan($this->database(), 'data:prepare');
        self::open($this->database())->exec(
            "INSERT INTO migrations (migration, batch) VALUES ('2031_01_01_000000_fly_to_the_moon', 9)",
        );
        foreach (['--replace', '--merge'] as $how) {
            $done = $this->artisan($this->database(), 'data:restore', self::$good, $how);
            self::assertSame(1, $done->getExitCode());
            self::assertStringContainsString('newer version', $done->getErrorOutput());
        }
        self::assertSame(10, self::rows($this->database(), 'aircraft'));
        self::assertSame(0, self::rows($this->database(), 'flights'));
    }

    /** Any value of any file is changed to any other: refused whole, or every page answers afterwards. */
    public function test_whatever_is_changed_in_it_is_refused_or_harmless(): void
    {
        $many = Long::is() ? 500 : 5;
        mt_srand(26);
        $taken = 0;
        for ($trial = 0; $trial < $many; $trial++) {
            $one = ForeignBackup::of(self::$good);
            $what = Mutated::any($one);
            $one->write("{$this->folder}/mutated.zip");
            $database = self::$app->folder().'/dusk.sqlite';
            $kept = [self::rows($database, 'aircraft'), self::rows($database, 'flights')];
            $done = self::command($database, 'data:restore', "{$this->folder}/mutated.zip", '--replace');
            self::assertContains($done->getExitCode(), [0, 2], "{$what}: {$done->getErrorOutput()}");
            self::assertPlain($done->getErrorOutput(), $what);
            if ($done->getExitCode() === 2) {
                self::assertSame($kept, [self::rows($database, 'aircraft'), self::rows($database, 'flights')], $what);
            } else {
                $taken++;
                self::assertEveryPageAnswers($what);
            }
        }
        self::assertGreaterThan(0, $taken, 'some changes are harmless');
        self::assertLessThan($many, $taken, 'and some aren\'t');
    }

    private static function assertEveryPageAnswers(string $what): void
    {
        $paths = [
            'aircraft',
            'readiness',
            'logbook',
            'logbook-line',
            'logbook.csv',
            'packs',
            'fields',
            'video-plan',
            'stores',
            'pilot',
        ];
        $known = fn (string $path, string $key): array => array_map(
            fn (stdClass $one): int => $one->id,
            json_decode(self::get($path)[1])->{$key},
        );
        foreach (array_slice($known('aircraft', 'aircraft'), 0, 12) as $id) {
            array_push(
                $paths,
                ...array_map(fn (string $end): string => "aircraft/{$id}{$end}", [
                    '',
                    '/history',
                    '/upkeep',
                    '/bench',
                    '/bindings',
                    '/checklists',
                    '/sheet',
                    '/settings',
                    '/readiness',
                    '/export/whole',
                ]),
            );
        }
        foreach (array_slice($known('logbook', 'flights'), 0, 8) as $id) {
            $paths[] = "logbook/{$id}";
        }
        $broken = [];
        foreach ($paths as $path) {
            [$status, $text] = self::get($path);
            $aircraft = implode('/', array_slice(explode('/', $path), 0, 2));
            $status === 424 && ($broken[$aircraft] = true);
            // An aircraft that can't run says so everywhere, and can be mended.
            self::assertContains(
                $status,
                isset($broken[$aircraft]) ? [200, 422, 424] : [200],
                "{$what}: {$path} says {$text}",
            );
        }
    }

    /** @return array{int, string} */
    private static function get(string $path): array
    {
        $request = curl_init(self::$app->url("/api/{$path}"));
        curl_setopt($request, CURLOPT_RETURNTRANSFER, true);
        $text = (string) curl_exec($request);

        return [(int) curl_getinfo($request, CURLINFO_HTTP_CODE), mb_substr($text, 0, 100_000)];
    }

    /** No word of PHP's, of the database's, and no path of this machine. */
    private static function assertPlain(string $says, string $what = ''): void
    {
        self::assertDoesNotMatchRegularExpression(
            '/SQLSTATE|Undefined|Exception|TypeError|must be of type|insert into|\.php\b|\/tmp\/(?!.*before-restore)|null given/i',
            $says,
            $what,
        );
    }

    /** @return list<string> */
    private function files(): array
    {
        $all = [];
        foreach (
            new \RecursiveIteratorIterator(
                new \RecursiveDirectoryIterator($this->folder, \FilesystemIterator::SKIP_DOTS),
            ) as $file
        ) {
            $all[] = substr((string) $file, strlen($this->folder) + 1);
        }

        return $all;
    }

    private static function command(string $database, string ...$arguments): Process
    {
        $process = new Process(
            [PHP_BINARY, 'artisan', ...$arguments],
            dirname(__DIR__, 2),
            ['DUSK_DATABASE' => $database],
            timeout: 120,
        );
        $process->run();

        return $process;
    }
}
