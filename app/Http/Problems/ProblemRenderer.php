<?php

declare(strict_types=1);

namespace App\Http\Problems;

use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Problem;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Http\JsonResponse;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** Every error of the API as application/problem+json (RFC 9457), with the places and values where there are some. */
final class ProblemRenderer
{
    public function render(\Throwable $error): JsonResponse
    {
        [$status, $title, $detail, $problems] = match (true) {
            $error instanceof InvalidWorkbook => [422, 'The workbook has problems', 'Nothing was changed.', array_map(self::problem(...), $error->problems)],
            $error instanceof ValidationException => [422, 'Something in the request is not right', 'Nothing was changed.', self::fields($error)],
            $error instanceof AuthenticationException => [401, 'Not signed in', 'Sign in and try again.', []],
            $error instanceof HttpException => self::http($error),
            default => [500, 'Something went wrong on our side', 'It was written to the log.', []],
        };

        return new JsonResponse(
            ['type' => 'about:blank', 'title' => $title, 'status' => $status, 'detail' => $detail, ...$problems === [] ? [] : ['problems' => $problems]],
            $status,
            ['Content-Type' => 'application/problem+json', ...$error instanceof HttpException ? $error->getHeaders() : []],
            JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE,
        );
    }

    /** @return array{int, string, string, list<array<string, mixed>>} */
    private static function http(HttpException $error): array
    {
        return match ($error->getStatusCode()) {
            403 => [403, 'Not allowed', 'Your role in the shop does not allow this.', []],
            404 => [404, 'Not found', $error->getPrevious() instanceof ModelNotFoundException ? 'The shop has nothing of this kind under this id.' : 'There is nothing under this address.', []],
            405 => [405, 'Not possible here', 'This address does not take this method.', []],
            409 => [409, 'Not possible any more', $error->getMessage(), []],
            413 => [413, 'The file is too large', 'A workbook has at most 10 MB.', []],
            419 => [419, 'The session has ended', 'Sign in again; what you entered is still on the page.', []],
            429 => [429, 'Too many tries', 'Wait a minute and try again.', []],
            default => [$error->getStatusCode(), 'Not possible', $error->getMessage(), []],
        };
    }

    /** @return array{path: string, value: mixed, expected: string} */
    private static function problem(Problem $problem): array
    {
        return ['path' => $problem->path, 'value' => $problem->value, 'expected' => $problem->expected];
    }

    /** @return list<array{path: string, value: mixed, expected: string}> */
    private static function fields(ValidationException $error): array
    {
        $problems = [];
        foreach ($error->errors() as $field => $messages) {
            foreach ($messages as $message) {
                $problems[] = ['path' => $field, 'value' => null, 'expected' => $message];
            }
        }

        return $problems;
    }
}
