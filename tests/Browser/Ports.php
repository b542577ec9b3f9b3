<?php

namespace DuskSwitch\Tests\Browser;

use RuntimeException;
use Symfony\Component\Process\Process;

/** Ports of this machine for the length of a test. */
final class Ports
{
    public static function free(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('no free port');
        $name = (string) stream_socket_get_name($socket, false);
        fclose($socket);

        return (int) substr($name, (int) strrpos($name, ':') + 1);
    }

    /** Waits until something listens, at most ten seconds. */
    public static function await(int $port, Process $process): void
    {
        for ($try = 0; $try < 200; $try++) {
            $socket = @fsockopen('127.0.0.1', $port, $code, $text, 0.2);
            if ($socket !== false) {
                fclose($socket);

                return;
            }
            if (! $process->isRunning()) {
                break;
            }
            usleep(50_000);
        }
        throw new RuntimeException("nothing listens on port {$port}: ".$process->getErrorOutput());
    }
}
