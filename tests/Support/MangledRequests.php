<?php

declare(strict_types=1);

namespace Tests\Support;

use Gondrik\Core\Tests\Support\Mangled;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Requests to every route that takes a JSON body, made of its description and then put out of shape: the same for the same seed.
 * bench/mangle.php sends thousands of them, tests a few.
 */
final readonly class MangledRequests
{
    /** Ids of the demo that a route can be asked about. */
    private const OF_THE_DEMO = ['scope' => 'tower-7', 'line' => 'heat-15', 'plan' => '1', 'item' => '1', 'wires' => 'hookup-12', 'terminals' => 'ring-red-m4', 'tools' => 'diagonal-200', 'kits' => 'panel-bench', 'scopes' => 'tower-7'];

    private const DEPTH = 8;

    private Randomizer $random;

    private Mangled $mangled;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
        $this->mangled = new Mangled($this->random);
    }

    /** @return list<array{string, string}> method and path of each, as the description has them */
    public static function routes(): array
    {
        $routes = [];
        foreach (get_object_vars(OpenApi::document()->paths) as $path => $methods) {
            foreach (['post', 'put'] as $method) {
                // Signing in ends the session that all others need.
                if (isset($methods->{$method}->requestBody->content->{'application/json'}) && $path !== '/session') {
                    $routes[] = [$method, $path];
                }
            }
        }

        return $routes;
    }

    /** @return array{string, string} path with its parts filled in, and the body as text */
    public function to(string $method, string $path): array
    {
        $schema = OpenApi::document()->paths->{$path}->{$method}->requestBody->content->{'application/json'}->schema;
        $body = $this->sample($schema, OpenApi::document(), 0);
        $text = $this->mangled->text($body instanceof \stdClass ? $body : (object) ['body' => $body]);

        return [$this->filled($path), $this->random->getInt(0, 2) === 0 ? $this->beyond($text) : $text];
    }

    /** A number beyond all numbers, or a shape that fits nowhere, where some value stood. */
    private function beyond(string $text): string
    {
        $odd = ['1e999', '-1e999', '1e-999', '123456789012345678901234567890', '[[[[]]]]', '{"":{"":0}}', '"\ud800"', '[1,{"a":1e999}]'];
        $values = preg_match_all('~(?<=[:\[,])(?:"(?:[^"\\\\]|\\\\.)*"|-?\d[\d.eE+-]*|true|false|null)(?=[,\]}])~', $text, $found, PREG_OFFSET_CAPTURE);
        if ($values === 0 || $values === false) {
            return $odd[$this->random->getInt(0, count($odd) - 1)];
        }
        [$value, $at] = $found[0][$this->random->getInt(0, $values - 1)];

        return substr_replace($text, $odd[$this->random->getInt(0, count($odd) - 1)], $at, strlen($value));
    }

    private function filled(string $path): string
    {
        $list = preg_match('~^/(?:trials/)?(wires|terminals|tools|kits|scopes)/~', $path, $found) === 1 ? $found[1] : ['wires', 'terminals', 'tools'][$this->random->getInt(0, 2)];

        return (string) preg_replace_callback('~\{(\w+)\}~', static fn(array $part): string => match ($part[1]) {
            'list' => $list,
            'id' => self::OF_THE_DEMO[$list],
            default => self::OF_THE_DEMO[$part[1]] ?? 'a',
        }, $path);
    }

    /** Something that a schema takes, as a rule. */
    private function sample(mixed $schema, \stdClass $root, int $depth): mixed
    {
        if (isset($schema->{'$ref'})) {
            [$target, $root] = $this->resolved($schema->{'$ref'}, $root);

            return $this->sample($target, $root, $depth);
        }
        $of = $schema->oneOf ?? $schema->anyOf ?? null;
        if (is_array($of)) {
            return $this->sample($of[$this->random->getInt(0, count($of) - 1)], $root, $depth);
        }
        if (isset($schema->enum)) {
            return $schema->enum[$this->random->getInt(0, count($schema->enum) - 1)];
        }
        $type = is_array($schema->type ?? null) ? $schema->type[0] : $schema->type ?? 'object';

        return match ($type) {
            'string' => ['a', '12 AWG', 'ring-red-m4', 'hookup-12', 'M6', 'tower-7', '3'][$this->random->getInt(0, 6)],
            'integer' => $this->random->getInt(0, 5),
            'number' => $this->random->getInt(1, 50) / 4,
            'boolean' => $this->random->getInt(0, 1) === 1,
            'array' => $depth > self::DEPTH || !isset($schema->items) ? [] : array_map(fn(): mixed => $this->sample($schema->items, $root, $depth + 1), range(1, $this->random->getInt(1, 3))),
            'null' => null,
            default => $this->object($schema, $root, $depth),
        };
    }

    private function object(mixed $schema, \stdClass $root, int $depth): \stdClass
    {
        $made = new \stdClass();
        foreach ($depth > self::DEPTH ? [] : get_object_vars($schema->properties ?? new \stdClass()) as $key => $of) {
            if (in_array($key, $schema->required ?? [], true) || $this->random->getInt(0, 1) === 1) {
                $made->{$key} = $this->sample($of, $root, $depth + 1);
            }
        }
        if (is_object($schema->additionalProperties ?? null) && $depth <= self::DEPTH) {
            $made->{(string) $this->random->getInt(0, 3)} = $this->sample($schema->additionalProperties, $root, $depth + 1);
        }

        return $made;
    }

    /** @return array{mixed, \stdClass} what a reference names, and the document it stands in */
    private function resolved(string $reference, \stdClass $root): array
    {
        [$file, $pointer] = explode('#', $reference);
        $document = $file === '' ? $root : json_decode((string) file_get_contents(dirname(__DIR__, 2) . '/core/data/workbook.schema.json'), flags: JSON_THROW_ON_ERROR);
        $at = $document;
        foreach (explode('/', ltrim($pointer, '/')) as $part) {
            $at = is_array($at) ? $at[(int) $part] : $at->{str_replace(['~1', '~0', '%7B', '%7D'], ['/', '~', '{', '}'], $part)};
        }

        return [$at, $document];
    }
}
