<?php

declare(strict_types=1);

namespace Gondrik\Core\Workbook;

use Gondrik\Core\Size\Size;
use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Terminal\Stud;
use Gondrik\Core\Value\Invalid;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;

/** The shape of a document against data/workbook.schema.json, every problem at once. */
final class SchemaCheck
{
    private const MOST_PROBLEMS = 500;

    private const SCHEMA = __DIR__ . '/../../data/workbook.schema.json';

    /** @return list<Problem> */
    public function problems(\stdClass $document): array
    {
        $validator = new Validator(max_errors: self::MOST_PROBLEMS, stop_at_first_error: false);
        // The schema names no unevaluated keys, and only without their book-keeping does a list end at the most problems.
        $validator->parser()->setOption('allowUnevaluated', false);
        foreach (self::formats() as $name => $parse) {
            // Of what is too long the schema tells the length; its form is of no interest.
            $validator->parser()->getFormatResolver()?->registerCallable('string', $name, static fn(string $text): bool => mb_strlen($text) > Size::LONGEST || self::refusal($parse, $text) === null);
        }
        $schema = json_decode((string) file_get_contents(self::SCHEMA), flags: JSON_THROW_ON_ERROR);
        $error = $validator->validate($document, $schema)->error();
        $problems = [];
        foreach ($error === null ? [] : $this->leaves($error) as $leaf) {
            foreach ($this->describe($leaf) as $problem) {
                $problems[$problem->path . '|' . $problem->expected] = $problem;
            }
        }

        return array_values($problems);
    }

    /** @return list<ValidationError> */
    private function leaves(ValidationError $error): array
    {
        $below = $error->subErrors();

        return $below === [] ? [$error] : array_merge(...array_map($this->leaves(...), array_values($below)));
    }

    /** @return list<Problem> */
    private function describe(ValidationError $error): array
    {
        $path = implode('/', array_map(strval(...), $error->data()->fullPath()));
        $value = $error->data()->value();
        $args = $error->args();
        $below = static fn(string $name): string => ($path === '' ? '' : $path . '/') . $name;

        return match ($error->keyword()) {
            'required' => array_map(static fn(string $name): Problem => new Problem($below($name), null, $name . ' is missing'), array_values((array) $args['missing'])),
            'additionalProperties' => array_map(
                static fn(string $name): Problem => new Problem($below($name), $value->{$name} ?? null, $name . ' is not a key here'),
                // The validator also names the known keys whose values have problems of their own.
                array_slice(array_values(array_diff((array) $args['properties'], array_keys((array) ($this->schema($error)['properties'] ?? [])))), 0, self::MOST_PROBLEMS),
            ),
            default => [new Problem($path, $value instanceof \stdClass || is_array($value) ? null : $value, $this->expected($error))],
        };
    }

    private function expected(ValidationError $error): string
    {
        $args = $error->args();
        $keyword = $error->keyword();
        $schema = $this->schema($error);
        if ($keyword === 'format') {
            return self::refusal(self::formats()[(string) $args['format']], (string) $error->data()->value()) ?? 'another format';
        }

        return match ($keyword) {
            'type' => 'must be ' . self::named((array) $args['expected']) . ', not ' . $args['type'],
            'enum' => 'must be one of ' . implode(', ', array_map(strval(...), (array) $schema['enum'])),
            'const' => 'must be ' . json_encode($schema['const']),
            'minimum' => 'must be at least ' . $args['min'],
            'exclusiveMinimum' => 'must be more than ' . $args['min'],
            'maximum' => 'must be at most ' . $args['max'],
            'minLength', 'minItems' => 'must not be empty',
            'maxLength' => 'must have at most ' . $args['max'] . ' characters',
            'pattern' => 'must be letters, digits, dots, hyphens and underscores, 64 at most, beginning with a letter or digit',
            default => $error->message(),
        };
    }

    /** @return array<string, mixed> the part of the schema that was not met */
    private function schema(ValidationError $error): array
    {
        return (array) $error->schema()->info()->data();
    }

    /** @param array<mixed> $types */
    private static function named(array $types): string
    {
        return implode(' or ', array_map(static fn(mixed $type): string => match ($type) {
            'object' => 'an object',
            'array' => 'a list',
            'integer' => 'a whole number',
            'boolean' => 'true or false',
            'string' => 'text',
            default => 'a ' . (is_string($type) ? $type : 'value'),
        }, $types));
    }

    /** @return array<string, \Closure(string): object> readers of the formats that the schema names */
    private static function formats(): array
    {
        return ['wire-size' => Size::parse(...), 'size-range' => SizeRange::parse(...), 'stud' => Stud::parse(...)];
    }

    /** @param \Closure(string): object $parse */
    private static function refusal(\Closure $parse, string $text): ?string
    {
        try {
            $parse($text);

            return null;
        } catch (Invalid $refused) {
            return $refused->expected;
        }
    }
}
