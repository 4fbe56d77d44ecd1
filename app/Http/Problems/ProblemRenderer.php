<?php

declare(strict_types=1);

namespace App\Http\Problems;

use App\LongQuestions\Waits;
use App\People\LastLead;
use App\Writing\ChangedMeanwhile;
use App\Writing\InUse;
use App\Writing\StaleVersion;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Database\LostConnectionDetector;
use Illuminate\Http\JsonResponse;
use Illuminate\Validation\ValidationException;
use Symfony\Component\ErrorHandler\Error\FatalError;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** Every error of the API as application/problem+json (RFC 9457), with the places and values where there are some. */
final class ProblemRenderer
{
    /** Seconds after which it is worth another try. */
    private const RETRY_AFTER = 5;

    public function render(\Throwable $error): JsonResponse
    {
        $answer = match (true) {
            $error instanceof InvalidWorkbook => ProblemDetails::ofWorkbook($error),
            $error instanceof ValidationException => ProblemDetails::ofFields($error),
            $error instanceof ChangedMeanwhile => new ProblemDetails(409, 'Somebody has changed this meanwhile', $error->getMessage(), type: ProblemType::Changed),
            $error instanceof StaleVersion => new ProblemDetails(412, 'Somebody has changed this meanwhile', $error->getMessage(), type: ProblemType::Changed, more: ['present' => $error->present, ...$error->changed === null ? [] : ['changed' => $error->changed]]),
            $error instanceof InUse => new ProblemDetails(409, 'It is used', $error->getMessage(), type: ProblemType::InUse, more: ['uses' => $error->uses, 'count' => $error->count]),
            $error instanceof LastLead => new ProblemDetails(409, 'The shop needs a lead', $error->getMessage()),
            $error instanceof AuthenticationException => new ProblemDetails(401, 'Not signed in', 'Sign in and try again.'),
            $error instanceof Waits => new ProblemDetails(503, 'It waits for its turn', $error->getMessage(), type: ProblemType::Waits),
            $error instanceof HttpException => self::http($error),
            $error instanceof \PDOException => self::database($error),
            $error instanceof FatalError => self::fatal($error),
            default => self::ours(),
        };
        $headers = $error instanceof HttpException ? $error->getHeaders() : [];
        if ($answer->status === 503) {
            $headers['Retry-After'] ??= self::RETRY_AFTER;
        }

        return new JsonResponse(
            $answer->toArray(),
            $answer->status,
            [...$headers, 'Content-Type' => 'application/problem+json'],
            JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE | JSON_PARTIAL_OUTPUT_ON_ERROR,
        );
    }

    private static function http(HttpException $error): ProblemDetails
    {
        return match ($error->getStatusCode()) {
            403 => new ProblemDetails(403, 'Not allowed', 'Your role in the shop does not allow this.'),
            404 => new ProblemDetails(404, 'Not found', $error->getPrevious() instanceof ModelNotFoundException ? 'The shop has nothing of this kind under this id.' : 'There is nothing under this address.'),
            405 => new ProblemDetails(405, 'Not possible here', 'This address does not take this method.'),
            409 => new ProblemDetails(409, 'Not possible any more', $error->getMessage()),
            413 => new ProblemDetails(413, 'The file is too large', 'A file, a workbook or a table, has at most 10 MB.'),
            419 => new ProblemDetails(419, 'The session has ended', 'Sign in again; what you entered is still on the page.'),
            429 => new ProblemDetails(429, 'Too many tries', 'Wait a minute and try again.'),
            default => new ProblemDetails($error->getStatusCode(), 'Not possible', $error->getMessage() === '' ? 'The request cannot be answered as it stands.' : $error->getMessage()),
        };
    }

    /** By SQLSTATE, PostgreSQL appendix A. */
    private static function database(\PDOException $error): ProblemDetails
    {
        $state = is_string($error->getCode()) ? $error->getCode() : '';

        return match (true) {
            // It went away in the middle: that has no state of its own.
            (new LostConnectionDetector())->causedByLostConnection($error) => self::noDatabase(),
            // A value that PostgreSQL takes for none of its kind.
            str_starts_with($state, '22') => new ProblemDetails(400, 'A value is none of its kind', 'Something in the request cannot be what it stands for. Nothing was changed.'),
            // Two changes at once of which one had to give way, or that waited for each other.
            in_array($state, ['40001', '40P01', '55P03'], true) => new ProblemDetails(503, 'Somebody else was changing the same', 'Nothing was changed. Try again.'),
            // What the database itself holds of the log: of two who write at once the second.
            $state === '23P01' => new ProblemDetails(409, 'Somebody else was first', 'The thing was given out meanwhile. Nothing was changed; look at it anew.', type: ProblemType::Changed),
            $state === '53100' => new ProblemDetails(507, 'The disk of the server is full', 'Nothing was changed. Tell who looks after the server.'),
            // No connection, too many of them, or a database that goes down or comes up.
            in_array(substr($state, 0, 2), ['08', '53', '57'], true), $state === '' => self::noDatabase(),
            default => self::ours(),
        };
    }

    private static function noDatabase(): ProblemDetails
    {
        return new ProblemDetails(503, 'The database does not answer', 'Nothing was changed. Wait a few seconds and try again.');
    }

    private static function fatal(FatalError $error): ProblemDetails
    {
        $what = match (true) {
            str_contains($error->getMessage(), 'Maximum execution time') => 'time',
            str_contains($error->getMessage(), 'Allowed memory size') => 'memory',
            default => null,
        };

        return $what === null
            ? self::ours()
            : new ProblemDetails(422, 'This is too much for one request', 'It takes more ' . $what . ' than one request is given. Nothing was changed. Ask for less at once: a smaller scope, kit or file.');
    }

    private static function ours(): ProblemDetails
    {
        return new ProblemDetails(500, 'Something went wrong on our side', 'It was written to the log.');
    }
}
