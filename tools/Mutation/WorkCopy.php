<?php

namespace DuskSwitch\Tools\Mutation;

use Symfony\Component\Process\Process;

/** A copy of the project in a temporary folder, with packages linked, so that no change ever touches the work tree. */
final readonly class WorkCopy
{
    public function __construct(string $root, public string $folder)
    {
        $this->run(['mkdir', '-p', "{$folder}/vendor", "{$folder}/storage/installed", "{$folder}/public"]);
        foreach (
            [
                'app',
                'bootstrap',
                'compat',
                'config',
                'core',
                'database',
                'docs',
                'resources',
                'routes',
                'schema',
                'serve',
                'standins',
                'tests',
                'tools',
            ] as $part
        ) {
            $this->run(['cp', '-r', "{$root}/{$part}", $folder]);
        }
        foreach (['artisan', 'composer.json', 'dusk', 'phpstan.neon', 'README.md', 'vite.config.ts'] as $file) {
            $this->run(['cp', "{$root}/{$file}", $folder]);
        }
        // Composer's own files find the project from where they lie; packages may lie anywhere.
        foreach (glob("{$root}/vendor/*") ?: [] as $part) {
            $name = basename($part);
            $this->run(
                in_array($name, ['autoload.php', 'bin', 'composer'], true)
                    ? ['cp', '-r', $part, "{$folder}/vendor/{$name}"]
                    : ['ln', '-s', $part, "{$folder}/vendor/{$name}"],
            );
        }
        // A parser from npm reads what we write.
        is_dir("{$root}/node_modules") && $this->run(['ln', '-s', "{$root}/node_modules", "{$folder}/node_modules"]);
        $this->run(['cp', '-r', "{$root}/storage/framework", "{$folder}/storage"]);
        file_put_contents(
            "{$folder}/phpunit.xml",
            str_replace('value="512M"', 'value="3G"', (string) file_get_contents("{$root}/phpunit.xml")),
        );
    }

    /** @param  list<string>  $options */
    public function phpunit(array $options, int $seconds): Process
    {
        return new Process(
            ['php', '-d', 'memory_limit=3G', ...$options],
            $this->folder,
            ['DUSK_DATABASE' => ':memory:'],
            timeout: $seconds,
        );
    }

    public function write(string $file, string $code): void
    {
        file_put_contents("{$this->folder}/{$file}", $code);
    }

    public function remove(): void
    {
        $this->run(['rm', '-rf', $this->folder]);
    }

    /** @param  list<string>  $command */
    private function run(array $command): void
    {
        (new Process($command))->mustRun();
    }
}
