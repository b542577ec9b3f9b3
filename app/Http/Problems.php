<?php

namespace DuskSwitch\App\Http;

use DuskSwitch\App\Database\Restored;
use DuskSwitch\App\Database\RestoreRunning;
use DuskSwitch\App\Database\Trouble;
use DuskSwitch\App\Equipment\DefinitionChanged;
use DuskSwitch\App\Hangar\BrokenProgram;
use DuskSwitch\App\Hangar\Conflict;
use DuskSwitch\App\Http\Middleware\Headers;
use DuskSwitch\App\Program\NoVoice;
use DuskSwitch\Core\Fault\Fault;
use DuskSwitch\Core\Fault\Refused;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\ErrorHandler\Error\FatalError;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/** Every failure leaves the app as `{"message", "faults"}`, without a trace of the code. */
final class Problems
{
    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport([
            Refused::class,
            Conflict::class,
            BrokenProgram::class,
            DefinitionChanged::class,
            NoVoice::class,
            RestoreRunning::class,
            Restored::class,
        ]);
        $exceptions->render(fn (RestoreRunning $running) => self::retry($running->getMessage()));
        $exceptions->render(
            fn (Restored $restored) => new JsonResponse(
                ['message' => $restored->getMessage(), 'restored' => true, 'faults' => []],
                410,
            ),
        );
        $exceptions->render(fn (NoVoice $none) => self::say(503, $none->getMessage()));
        $exceptions->render(fn (Refused $refused) => self::refused($refused));
        $exceptions->render(fn (BrokenProgram $broken) => app(AircraftJson::class)->broken($broken));
        $exceptions->render(fn (DefinitionChanged $changed) => self::say(409, $changed->getMessage()));
        $exceptions->render(fn (Conflict $conflict) => self::conflict($conflict));
        $exceptions->render(function (Throwable $problem, Request $request): ?JsonResponse {
            if (! $request->is('api/*')) {
                return null;
            }
            if ($problem instanceof FatalError) {
                return self::ended($problem);
            }
            $trouble = Trouble::behind($problem);
            if ($trouble !== null) {
                return $trouble->passes ? self::retry($trouble->says) : self::say($trouble->status, $trouble->says);
            }
            $status = $problem instanceof HttpExceptionInterface ? $problem->getStatusCode() : 500;

            return self::say(
                $status,
                match ($status) {
                    404 => 'There is nothing here: the aircraft may have been deleted.',
                    405 => 'This address doesn\'t take that method.',
                    500 => 'Something went wrong in Dusk Switch itself. Your last saved revision is safe; the log '.
                        'says more.',
                    default => $problem->getMessage(),
                },
            );
        });
    }

    /** @param  list<Fault>  $faults */
    public static function say(int $status, string $message, array $faults = []): JsonResponse
    {
        return new JsonResponse(
            [
                'message' => $message,
                'faults' => array_map(
                    fn (Fault $fault): array => ['path' => $fault->path, 'says' => $fault->says],
                    $faults,
                ),
            ],
            $status,
        );
    }

    /** PHP ended the request: it ran too long, or took too much memory. No middleware sees this answer any more. */
    private static function ended(FatalError $problem): JsonResponse
    {
        $answer = match (true) {
            str_contains($problem->getMessage(), 'execution time') => self::retry(
                'This took too long, so it was ended. Nothing was changed; a smaller program takes less.',
            ),
            str_contains($problem->getMessage(), 'memory size') => self::retry(
                'This takes more memory than there is for one answer, so it was ended. Nothing was changed.',
            ),
            default => self::say(
                500,
                'Something went wrong in Dusk Switch itself. Your last saved revision is safe; the log says more.',
            ),
        };
        Headers::put($answer);

        return $answer;
    }

    private static function retry(string $message): JsonResponse
    {
        $answer = self::say(503, $message);
        $answer->headers->set('Retry-After', '1');

        return $answer;
    }

    private static function refused(Refused $refused): JsonResponse
    {
        $count = count($refused->faults);

        return self::say(
            422,
            $count === 1 ? (string) $refused->faults[0] : "{$count} things in this document must be fixed first.",
            $refused->faults,
        );
    }

    private static function conflict(Conflict $conflict): JsonResponse
    {
        return new JsonResponse(
            [
                'message' => $conflict->getMessage(),
                'base' => $conflict->base,
                'current' => self::version($conflict->current),
                'aside' => $conflict->aside === null ? null : self::version($conflict->aside),
            ],
            409,
        );
    }

    /** @return array<string, mixed> */
    private static function version(\DuskSwitch\App\Models\Revision $revision): array
    {
        return [
            'revision' => $revision->number,
            'note' => $revision->note,
            'savedAt' => $revision->created_at->toIso8601ZuluString(),
            'document' => json_decode($revision->document),
        ];
    }
}
