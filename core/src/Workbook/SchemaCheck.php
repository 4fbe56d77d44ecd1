<?php

declare(strict_types=1);

namespace Gondrik\Core\Workbook;

use Gondrik\Core\Log\Entry;
use Gondrik\Core\Size\Size;
use Gondrik\Core\Size\SizeRange;
use Gondrik\Core\Size\Torque;
use Gondrik\Core\Terminal\Stud;
use Gondrik\Core\Tool\Capability;
use Gondrik\Core\Value\Clock;
use Gondrik\Core\Value\Day;
use Gondrik\Core\Value\Invalid;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;

/** The shape of a document against data/workbook.schema.json, every problem at once. */
final class SchemaCheck
{
    private const MOST_PROBLEMS = 500;

    /** The pattern of a name. */
    private const VISIBLE = '[^\s\p{C}]';

    /** Definitions of what is of several kinds. */
    private const CAPABILITY = 'capability';

    private const ENTRY = 'entry';

    private const NAME = 'urn:gondrik:workbook:1';

    private const SCHEMA = __DIR__ . '/../../data/workbook.schema.json';

    /** @return list<Problem> */
    public function problems(\stdClass $document): array
    {
        $problems = $this->told($document, self::NAME, []);
        foreach ($this->byKind($document) as $kind => $items) {
            if (count($problems) < self::MOST_PROBLEMS) {
                $problems += $this->told(array_column($items, 1), self::NAME . ':' . $kind, array_column($items, 0));
            }
        }

        return array_values($problems);
    }

    /**
     * @param array<mixed>|\stdClass $data
     * @param list<string>           $paths where the items of the list stand in the document; none where the data is the document
     *
     * @return array<string, Problem>
     */
    private function told(array|\stdClass $data, string $schema, array $paths): array
    {
        $error = self::validator()->validate($data, $schema)->error();
        $problems = [];
        foreach ($error === null ? [] : $this->leaves($error) as $leaf) {
            foreach ($this->describe($leaf, $paths) as $problem) {
                $problems[$problem->path . '|' . $problem->expected] = $problem;
            }
        }

        return $problems;
    }

    /** The validator with the schema of a workbook and, by kind, those of lists of capabilities and of entries of the log; read once. */
    private static function validator(): Validator
    {
        static $ready = null;
        if ($ready instanceof Validator) {
            return $ready;
        }
        $validator = new Validator(max_errors: self::MOST_PROBLEMS, stop_at_first_error: false);
        // The schema names no unevaluated keys, and only without their book-keeping does a list end at the most problems.
        $validator->parser()->setOption('allowUnevaluated', false);
        foreach (self::formats() as $name => $parse) {
            // Of what is too long the schema tells the length; its form is of no interest.
            $validator->parser()->getFormatResolver()?->registerCallable('string', $name, static fn(string $text): bool => mb_strlen($text) > Size::LONGEST || self::refusal($parse, $text) === null);
        }
        $schema = json_decode((string) file_get_contents(self::SCHEMA), flags: JSON_THROW_ON_ERROR);
        // What a kind asks is looked at for all that are of it at once: asked of each in turn, ten conditions deep, two megabytes
        // of the shortest capabilities keep a processor for a quarter of a minute.
        foreach ([[self::CAPABILITY, 'op'], [self::ENTRY, 'what']] as [$definition, $key]) {
            foreach ($schema->{'$defs'}->{$definition}->allOf as $kind) {
                $validator->resolver()?->registerRaw((object) ['type' => 'array', 'items' => (object) ['$ref' => self::NAME . $kind->then->{'$ref'}]], self::NAME . ':' . $definition . ':' . $kind->if->properties->{$key}->const);
            }
            unset($schema->{'$defs'}->{$definition}->allOf);
        }
        $validator->resolver()?->registerRaw($schema, self::NAME);

        return $ready = $validator;
    }

    /** @return array<string, list<array{string, \stdClass}>> all capabilities and entries of the log by their kind, each with its place */
    private function byKind(\stdClass $document): array
    {
        $found = [];
        foreach (self::items($document->tools ?? null) as $t => $tool) {
            foreach (self::items($tool->capabilities ?? null) as $c => $capability) {
                if (is_string($capability->op ?? null) && Capability::ofKind($capability->op) !== null) {
                    $found[self::CAPABILITY . ':' . $capability->op][] = ["tools/$t/capabilities/$c", $capability];
                }
            }
        }
        foreach (self::items($document->log ?? null) as $e => $entry) {
            if (is_string($entry->what ?? null) && Entry::ofKind($entry->what) !== null) {
                $found[self::ENTRY . ':' . $entry->what][] = ["log/$e", $entry];
            }
        }

        return $found;
    }

    /** @return array<int, \stdClass> the objects of a list that may be anything, each at its place */
    private static function items(mixed $list): array
    {
        return is_array($list) ? array_filter($list, static fn(mixed $item): bool => $item instanceof \stdClass) : [];
    }

    /** @return list<ValidationError> */
    private function leaves(ValidationError $error): array
    {
        $below = $error->subErrors();

        return $below === [] ? [$error] : array_merge(...array_map($this->leaves(...), array_values($below)));
    }

    /**
     * @param list<string> $paths
     *
     * @return list<Problem>
     */
    private function describe(ValidationError $error, array $paths): array
    {
        $steps = array_map(strval(...), $error->data()->fullPath());
        if ($paths !== []) {
            $steps[0] = $paths[(int) $steps[0]];
        }
        $path = implode('/', $steps);
        $value = $error->data()->value();
        $args = $error->args();
        $below = static fn(string $name): string => ($path === '' ? '' : $path . '/') . $name;

        return match ($error->keyword()) {
            'required' => array_map(static fn(string $name): Problem => Problem::missing($below($name)), array_values((array) $args['missing'])),
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
            'pattern' => ($schema['pattern'] ?? '') === self::VISIBLE ? 'must have something that can be read' : 'must be letters, digits, dots, hyphens and underscores, 64 at most, beginning with a letter or digit',
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
        return ['wire-size' => Size::parse(...), 'size-range' => SizeRange::parse(...), 'stud' => Stud::parse(...), 'torque' => Torque::parse(...), 'day' => Day::read(...), 'clock' => Clock::read(...)];
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
