<?php

declare(strict_types=1);

namespace App\Workbook;

use App\Models\Line as LineModel;
use App\Models\Scope;
use App\Models\Shop;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\ObjectCodec;
use Gondrik\Core\Workbook\Problem;
use Gondrik\Core\Workbook\WorkbookCodec;
use Illuminate\Database\Eloquent\ModelNotFoundException;

/**
 * Lines that are written one by one, each under the shop's lock. What comes in is read by the codec and its schema, with the
 * problems and paths of an import; what is written over or taken out must be the version that was seen.
 */
final readonly class ScopeLines
{
    /** Hexadecimal figures of a version. */
    private const FIGURES = 16;

    public function __construct(private ShopStore $store, private ShopWorkbook $shops, private WorkbookCodec $codec = new WorkbookCodec()) {}

    /** Equal for lines of equal content: a write that says which it has seen meets no other. */
    private static function version(Line $line): string
    {
        return substr(hash('sha256', json_encode((new ObjectCodec())->write($line), JSON_THROW_ON_ERROR)), 0, self::FIGURES);
    }

    /** @return array<string, mixed> a line as the workbook writes it, and which version of it this is */
    private static function written(Line $line): array
    {
        return [...get_object_vars((new ObjectCodec())->write($line)), 'version' => self::version($line)];
    }

    /**
     * Every line of a scope, with its version.
     *
     * @return list<array<string, mixed>> in their order
     *
     * @throws ModelNotFoundException<Scope> when the shop has no such scope
     */
    public function all(Shop $shop, string $scope): array
    {
        return array_map(self::written(...), $this->shops->lines($shop, $scope));
    }

    /**
     * Adds a line; without an id it gets the next that is free.
     *
     * @param string|null $after id of the line before it, "" for the first place; null puts it at the end
     *
     * @return array<string, mixed> as it was written, with its version
     *
     * @throws InvalidWorkbook                         with every problem, below "line"
     * @throws ModelNotFoundException<Scope|LineModel> when the shop has no such scope, or that no such line
     */
    public function add(Shop $shop, string $scope, \stdClass $line, ?string $after = null): array
    {
        return $this->store->change($shop, function (Shop $locked) use ($scope, $line, $after): array {
            $row = $locked->scopes()->where('code', $scope)->firstOrFail();
            $taken = $locked->lines()->where('scope_id', $row->id)->pluck('position', 'code');
            if (!isset($line->id)) {
                $next = $taken->count() + 1;
                while ($taken->has('line-' . $next)) {
                    $next++;
                }
                $line->id = 'line-' . $next;
            } elseif (is_string($line->id) && $taken->has($line->id)) {
                throw new InvalidWorkbook([new Problem('line/id', $line->id, 'an id that no line of this scope has')]);
            }
            $place = match ($after) {
                null => null,
                '' => -1,
                default => $taken[$after] ?? throw (new ModelNotFoundException())->setModel(LineModel::class),
            };
            $read = $this->read($locked, $scope, $line);
            $this->store->addLine($locked, $row->id, $read, $place);

            return self::written($read);
        });
    }

    /**
     * Writes a line over the one that was seen.
     *
     * @return array<string, mixed> as it was written, with its version
     *
     * @throws InvalidWorkbook                         with every problem, below "line"
     * @throws StaleVersion                            when it is another by now
     * @throws ModelNotFoundException<Scope|LineModel> when there is no such scope, or line in it
     */
    public function replace(Shop $shop, string $scope, string $id, string $version, \stdClass $line): array
    {
        return $this->store->change($shop, function (Shop $locked) use ($scope, $id, $version, $line): array {
            $row = $this->seen($locked, $scope, $id, $version);
            if (isset($line->id) && $line->id !== $id) {
                throw new InvalidWorkbook([new Problem('line/id', $line->id, 'the id of the line itself, "' . $id . '"')]);
            }
            $line->id = $id;
            $read = $this->read($locked, $scope, $line);
            $this->store->replaceLine($locked, $row->id, $read);

            return self::written($read);
        });
    }

    /**
     * Takes out the line that was seen.
     *
     * @throws StaleVersion                            when it is another by now
     * @throws ModelNotFoundException<Scope|LineModel> when there is no such scope, or line in it
     */
    public function remove(Shop $shop, string $scope, string $line, string $version): void
    {
        $this->store->change($shop, function (Shop $locked) use ($scope, $line, $version): void {
            $this->store->removeLine($locked, $this->seen($locked, $scope, $line, $version)->id, $line);
        });
    }

    private function seen(Shop $shop, string $scope, string $line, string $version): Scope
    {
        $present = $this->shops->line($shop, $scope, $line);
        if (self::version($present) !== $version) {
            throw new StaleVersion(self::written($present));
        }

        return $shop->scopes()->where('code', $scope)->firstOrFail();
    }

    private function read(Shop $shop, string $scope, \stdClass $line): Line
    {
        // What is no id is told by the schema.
        $ids = static fn(string ...$keys): array => array_values(array_filter(array_map(static fn(string $key): mixed => $line->{$key} ?? null, $keys), is_string(...)));
        $catalogue = $this->shops->named($shop, $ids('wire', 'wireB'), $ids('terminal'));
        $objects = new ObjectCodec();
        try {
            return $this->codec->read(json_encode([
                'gondrik' => 1,
                'wires' => array_map($objects->write(...), $catalogue->wires),
                'terminals' => array_map($objects->write(...), $catalogue->terminals),
                'scopes' => [['id' => $scope, 'name' => $scope, 'lines' => [$line]]],
            ], JSON_THROW_ON_ERROR))->scopes[0]->lines[0];
        } catch (InvalidWorkbook $error) {
            throw new InvalidWorkbook(array_map(static fn(Problem $problem): Problem => new Problem(
                (string) preg_replace('~^scopes/0/lines/0~', 'line', $problem->path),
                $problem->value,
                str_replace('of the workbook', 'of the shop', $problem->expected),
            ), $error->problems));
        }
    }
}
