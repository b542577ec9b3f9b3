<?php

namespace DuskSwitch\Tests\Architecture;

use PhpParser\Node\Stmt\ClassMethod;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use ReflectionClass;
use ReflectionMethod;

/** The rules of the house that PHPStan and Biome don't see. */
final class HouseTest extends TestCase
{
    private const ROOT = __DIR__.'/../..';

    /** @return iterable<string, string> text by path */
    private function files(string $ending, string ...$folders): iterable
    {
        foreach ($folders as $folder) {
            foreach (
                new RecursiveIteratorIterator(
                    new RecursiveDirectoryIterator(self::ROOT."/{$folder}", RecursiveDirectoryIterator::SKIP_DOTS),
                ) as $file
            ) {
                if (
                    preg_match("/\\.{$ending}$/", (string) $file) === 1 &&
                    ! str_ends_with((string) $file, 'contract.ts')
                ) {
                    yield substr((string) $file, strlen(self::ROOT) + 1) => (string) file_get_contents((string) $file);
                }
            }
        }
    }

    public function test_a_file_can_be_read_at_one_sitting(): void
    {
        foreach ($this->files('(php|tsx?)', 'core', 'app', 'resources/js') as $path => $text) {
            self::assertLessThanOrEqual(400, substr_count($text, "\n"), $path);
        }
        // A test is a table of cases, read one by one.
        foreach ($this->files('php', 'tests') as $path => $text) {
            self::assertLessThanOrEqual(500, substr_count($text, "\n"), $path);
        }
    }

    public function test_a_line_ends_before_column_120_but_for_a_text_or_a_type_in_one_piece(): void
    {
        $long = [];
        foreach ($this->files('(php|tsx?)', 'core', 'app', 'standins', 'resources/js', 'tests') as $path => $text) {
            foreach (explode("\n", $text) as $number => $line) {
                $bare = preg_replace('/"(?:\\\\.|[^"\\\\])*"|\'(?:\\\\.|[^\'\\\\])*\'|`[^`]*`/u', '""', $line);
                if (mb_strlen((string) $bare) > 120 && preg_match('#^\s*(\*|/\*\*) @#', $line) !== 1) {
                    $long[] = "{$path}:".($number + 1);
                }
            }
        }
        self::assertSame([], $long);
    }

    /** Where a document or a row of measurements is written out whole, its keys are its parameters. */
    private const WHOLE = ['Program', 'FlightState', 'TelemetryPlan', 'Transmitter'];

    public function test_a_function_fits_on_a_screen_and_takes_a_handful_of_things(): void
    {
        $parser = (new ParserFactory())->createForHostVersion();
        foreach ($this->files('php', 'core', 'app', 'standins') as $path => $text) {
            foreach ((new NodeFinder())->findInstanceOf($parser->parse($text) ?? [], ClassMethod::class) as $method) {
                $stmts = $method->stmts ?? [];
                $lines = $stmts === [] ? 0 : $stmts[count($stmts) - 1]->getEndLine() - $stmts[0]->getStartLine() + 1;
                self::assertLessThanOrEqual(60, $lines, "{$path}: {$method->name}()");
                if (! in_array(basename($path, '.php'), self::WHOLE, true)) {
                    self::assertLessThanOrEqual(12, count($method->params), "{$path}: {$method->name}()");
                }
            }
        }
    }

    public function test_the_front_ends_signal_goes_as_far_as_the_schemas(): void
    {
        $schema = json_decode((string) file_get_contents(self::ROOT.'/schema/program.schema.json'));
        preg_match(
            '/FARTHEST = ([\d.]+)/',
            (string) file_get_contents(self::ROOT.'/resources/js/parts/limits.ts'),
            $is,
        );

        self::assertSame($schema->{'$defs'}->step->properties->value->maximum, (float) ($is[1] ?? 0));
    }

    public function test_classes_are_final_and_their_names_say_something(): void
    {
        foreach ($this->files('php', 'core', 'app') as $path => $text) {
            if (preg_match('/^(.*)\bclass (\w+)/m', $text, $match) === 1) {
                self::assertMatchesRegularExpression('/^(final|abstract)/', $match[1], $path);
                self::assertDoesNotMatchRegularExpression('/(Helper|Util|Manager|Service)/', $match[2], $path);
            }
        }
    }

    public function test_what_is_public_in_the_core_is_explained(): void
    {
        $silent = [];
        foreach ($this->files('php', 'core') as $path => $text) {
            $class = new ReflectionClass('DuskSwitch\\Core\\'.str_replace('/', '\\', substr($path, 5, -4)));
            $silent = [...$silent, ...$class->getDocComment() === false ? [$class->name] : []];
            foreach ($class->getMethods(ReflectionMethod::IS_PUBLIC) as $method) {
                $own =
                    $method->class === $class->name &&
                    $method->isUserDefined() &&
                    ! $method->isConstructor() &&
                    $method->name !== '__toString';
                $promised = array_filter(
                    $class->getInterfaces(),
                    fn (ReflectionClass $port): bool => $port->hasMethod($method->name),
                );
                if ($own && $promised === [] && $method->getDocComment() === false) {
                    $silent[] = "{$class->name}::{$method->name}";
                }
            }
        }
        self::assertSame([], $silent);
    }

    /** Whether a motor turns, how far a signal goes, where an edge is: the core says so, the front end draws it. */
    public function test_no_number_of_the_trade_stands_in_the_front_end(): void
    {
        foreach ($this->files('tsx?', 'resources/js') as $path => $text) {
            foreach (explode("\n", $text) as $line => $written) {
                if (preg_match('/_MS|uration=|\/\/|\* /', $written) !== 1) {
                    self::assertDoesNotMatchRegularExpression(
                        '/(?<![\w#.-])(400|500|512|800|900|988|1000|1100|1500|1900|2000|2012|2100|2200)(?![\w.])/',
                        $written,
                        "{$path}:".($line + 1),
                    );
                    self::assertDoesNotMatchRegularExpression(
                        '/(?<![\w-])(0\.9[59]\b|-1\.5\b|(least|most)\W{1,3}1\.5\b)/',
                        (string) preg_replace("/'[^']*'|Width={[^}]*}|-1\.5 \}/", '', $written),
                        "{$path}:".($line + 1),
                    );
                }
            }
        }
    }

    public function test_the_front_end_reaches_the_server_only_through_the_contract(): void
    {
        foreach ($this->files('tsx?', 'resources/js') as $path => $text) {
            self::assertDoesNotMatchRegularExpression('/\bfetch\(|XMLHttpRequest/', $text, $path);
        }
    }

    public function test_the_glossary_is_in_order_and_every_view_has_its_help(): void
    {
        $glossary = (string) file_get_contents(self::ROOT.'/docs/glossary.md');
        preg_match_all('/^- \*\*(.+?)\*\*: .{20,}$/m', $glossary, $found);
        $sorted = array_values(array_unique($found[1]));
        natcasesort($sorted);
        self::assertSame(array_values($sorted), $found[1]);
        self::assertSame(substr_count($glossary, '- **'), count($found[1]), 'every line is a term and what it means');
        $help = (string) file_get_contents(self::ROOT.'/resources/js/parts/help.ts');
        preg_match_all('/terms: \[(.+?)\]/s', $help, $lists);
        preg_match_all('/[\'"]([^\'"]+)[\'"]/', implode(',', $lists[1]), $terms);
        self::assertSame([], array_values(array_diff($terms[1], $found[1])), 'terms that the glossary hasn\'t');
        $places = (string) file_get_contents(self::ROOT.'/resources/js/parts/places.ts');
        preg_match_all('/\{ path: \'([a-z-]+)\'/', $places, $views);
        foreach ($views[1] as $view) {
            self::assertStringContainsString(
                "\n  ".(str_contains($view, '-') ? "'{$view}'" : $view).': {',
                $help,
                $view,
            );
        }
    }
}
